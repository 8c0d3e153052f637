/** One screen of a site: what it is called, where it stands, which objects it is about. */
export interface Screen {
  name: string;
  title: string;
  group: 'Build' | 'Prove' | 'Deliver';
  /** Whether the bench stands above it: it answers for one call. */
  bench: boolean;
  /** The kinds of object that it lists, in the order of its tabs. */
  kinds: string[];
  /** Whether the sidebar has it. */
  listed: boolean;
}

function screen(
  group: Screen['group'],
  name: string,
  title: string,
  bench: boolean,
  kinds: string[],
  listed = true,
): Screen {
  return { name, title, group, bench, kinds, listed };
}

/** Every screen of a site, in the order of the work; addresses, titles, sidebar and Ctrl+K come from here. */
export const SCREENS: readonly Screen[] = [
  screen('Build', 'overview', 'Overview', false, ['site']),
  screen('Build', 'numbers', 'Numbers', true, ['number', 'route']),
  screen('Build', 'outline', 'Outline', true, ['branch', 'announcement', 'menu', 'ask', 'chain']),
  screen('Build', 'hours', 'Hours', true, ['hours', 'switch']),
  screen('Build', 'people', 'People', true, ['extension']),
  screen('Build', 'groups', 'Groups', true, ['ring-group', 'hunt-group', 'page']),
  screen('Build', 'queues', 'Queues', true, ['queue', 'call-result', 'agent-note']),
  screen('Build', 'voicemail', 'Voicemail', true, ['mailbox']),
  screen('Build', 'prompts', 'Prompts', false, ['prompt', 'music']),
  screen('Build', 'alarms', 'Alarms', false, ['alarm', 'recipients', 'trap-target', 'code', 'pause-reason']),
  screen('Build', 'directory', 'Directory', false, ['contact', 'lookup']),
  screen('Build', 'lines', 'Lines', false, ['trunk', 'outbound', 'class-of-service']),
  screen('Prove', 'findings', 'Findings', true, ['accepted']),
  screen('Prove', 'test-calls', 'Test calls', true, ['test-call', 'promise']),
  screen('Prove', 'traffic', 'Traffic', false, ['traffic']),
  screen('Deliver', 'accounts', 'Accounts', false, []),
];

/** The screen of that name in an address. */
export function screenOf(name: string): Screen | undefined {
  return SCREENS.find((screen) => screen.name === name);
}

/** The screen that lists objects of a kind. */
export function screenFor(kind: string): Screen {
  const found = SCREENS.find((screen) => screen.kinds.includes(kind));
  if (!found) throw new Error(`no screen lists ${kind}`);
  return found;
}
