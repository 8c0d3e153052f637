import { splitRef } from '../../app/refs';
import type { List } from './bench.svelte';

/** Something that a phone, a switch, an agent or a queue can be set to in one press. */
export interface Quick {
  value: string;
  title: string;
}

export const PHONE: Quick[] = [
  { value: 'answers 6s', title: 'answers after 6 s' },
  { value: 'busy', title: 'busy' },
  { value: 'off', title: 'off' },
  { value: 'declines 6s', title: 'declines' },
  { value: 'machine 6s', title: 'own voicemail' },
];

export const AGENT: Quick[] = [
  { value: 'in', title: 'in' },
  { value: 'out', title: 'out' },
  { value: 'paused', title: 'paused' },
];

export const WAITING: Quick[] = [
  { value: '2', title: '2 waiting' },
  { value: '5', title: '5 waiting' },
  { value: 'full', title: 'full' },
];

export const TRUNK: Quick[] = [
  { value: 'full', title: 'full' },
  { value: 'down', title: 'down' },
];

/** One list of the bench: what is set in it, and how that is said. */
export interface Setting {
  list: List;
  /** What each of its entries is. */
  kind: string;
  title: string;
  /** What its token is called. */
  label: string;
  /** What holds where nothing is set. */
  usual: string;
  /** What can be set in one press; of switches it is theirs, which the plan has. */
  quick: Quick[];
  help: string;
  example: string;
}

export const PHONES: Setting = {
  list: 'phone',
  kind: 'extension',
  title: 'phones',
  label: 'Phones',
  usual: 'silent',
  quick: PHONE,
  help: 'What each phone does when it is called, one time after another.',
  example: 'busy then answers 6s: busy the first time, answers after 6 s of ringing from then on',
};

export const TRUNKS: Setting = {
  list: 'waiting',
  kind: 'trunk',
  title: 'trunks',
  label: 'Trunks',
  usual: 'free',
  quick: TRUNK,
  help: 'Whether each trunk has a free channel when the call goes out, one time after another.',
  example: 'full then free: full the first time, a free channel the next',
};

export const LOOKUP: Quick[] = [
  { value: 'found', title: 'found' },
  { value: 'not-found', title: 'not found' },
  { value: 'failed', title: 'no answer' },
];

export const LOOKUPS: Setting = {
  list: 'waiting',
  kind: 'lookup',
  title: 'lookups',
  label: 'Lookups',
  usual: 'know nobody',
  quick: LOOKUP,
  help: 'What each lookup says when it is asked, one time after another.',
  example: 'tag due-today after 2s then failed: a tag after 2 s the first time, no answer the next',
};

export const SWITCHES: Setting = {
  list: 'turned',
  kind: 'switch',
  title: 'switches',
  label: 'Switches',
  usual: 'as live',
  quick: [],
  help: 'Where each switch stands.',
  example: 'as live: where the plan says that it stands now',
};

/** What shares the list of queues and mailboxes that are come to, by reference. */
const BY_REFERENCE = ['trunk', 'lookup'];

/** What an entry of a setting is called on the bench: queues, phones and switches by their keys. */
export function nameOf(setting: Setting, ref: string): string {
  return BY_REFERENCE.includes(setting.kind) ? ref : splitRef(ref)[1];
}

/** The states of a list that are of a setting: queues, trunks and lookups share one. */
export function ofSetting(setting: Setting, states: string[]): string[] {
  if (setting.list !== 'waiting') return states;
  const kind = (state: string) => BY_REFERENCE.find((one) => state.startsWith(one + '/'));
  return states.filter(
    (state) => kind(state) === (BY_REFERENCE.includes(setting.kind) ? setting.kind : undefined),
  );
}

/** Which of the quick ones a state is; `other` where it is none of them, nothing where it is as usual. */
export function plain(state: string, quick: Quick[]): string {
  return state === '' || quick.some((one) => one.value === state) ? state : 'other';
}

/** What the token says of a list of states: nothing is as usual. */
export function listed(states: string[], usual: string): string {
  const first = states[0];
  if (first === undefined) return usual;
  // What is set by reference is said by its key, as all else is.
  const key = BY_REFERENCE.some((kind) => first.startsWith(kind + '/')) ? splitRef(first)[1] : first;
  const said = key.replace('=', ' ');
  return states.length === 1 ? said : `${said} and ${states.length - 1} more`;
}
