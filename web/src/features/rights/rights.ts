/** What can be done at a site, as its columns have it. */
export const RIGHTS = [
  { right: 'look', title: 'Look', help: 'See the plan and what calls do; nothing is changed.' },
  { right: 'change', title: 'Change', help: 'Change the draft.' },
  { right: 'cut-over', title: 'Cut over', help: 'Make the draft what answers calls.' },
  { right: 'manage', title: 'Manage accounts', help: 'Let others in, and see what each did.' },
] as const;

const WORDS: Record<string, string> = {
  look: 'look',
  change: 'change',
  'cut-over': 'cut over',
  manage: 'manage accounts',
};

/** Rights as they are said: `look, change and cut over`. */
export function sentence(rights: readonly string[]): string {
  const words = rights.map((right) => WORDS[right] ?? right);
  const last = words.at(-1);
  if (last === undefined) return 'do nothing';
  return words.length === 1 ? last : `${words.slice(0, -1).join(', ')} and ${last}`;
}

/** Rights with one turned on or off; who may do anything may look, and who may not look may do nothing. */
export function turned(rights: readonly string[], right: string, on: boolean): string[] {
  if (right === 'look' && !on) return [];
  const others = rights.filter((one) => one !== right);
  return on ? [...new Set(['look', ...others, right])] : others;
}
