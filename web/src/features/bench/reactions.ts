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

/** Which of the quick ones a state is; `other` where it is none of them, nothing where it is as usual. */
export function plain(state: string, quick: Quick[]): string {
  return state === '' || quick.some((one) => one.value === state) ? state : 'other';
}

/** What the token says of a list of states: nothing is as usual. */
export function listed(states: string[], usual: string): string {
  const first = states[0];
  if (first === undefined) return usual;
  const said = first.replace('=', ' ');
  return states.length === 1 ? said : `${said} and ${states.length - 1} more`;
}
