import { address } from '../../app/address.svelte';
import * as api from '../../lib/api/endpoints';
import type { PeopleView, PersonRow, Wish } from '../../lib/api/types';
import { Windows } from '../objects/windows.svelte';

/** People by name or number; the view of each window has all groups as columns, and the next free numbers. */
export class PeopleRows extends Windows<{ find: string }, PersonRow, PeopleView> {
  constructor() {
    super('people', 100);
  }

  protected ask(
    wanted: { find: string },
    from: number,
    rows: number,
    signal: AbortSignal,
  ): Promise<PeopleView> {
    return api.people(address.site, address.plan, { ...wanted, from, rows }, signal);
  }
}

/** The wish that somebody is in a group, a queue or a page as a cell says. */
export function memberOf(object: string, person: string, cell: string): Wish {
  return { member: { object, extension: person.slice(person.indexOf('/') + 1), cell } };
}

/** How a person will be in a group once what is being changed is kept; nothing where that is not being changed. */
export function wishedCell(wishes: Wish[], object: string, person: string): string | undefined {
  return wishes
    .filter(({ member }) => member?.object === object && person === 'extension/' + member.extension)
    .at(-1)?.member?.cell;
}

/** A cell as people read it: `2 · 40 s`. */
export function shownCell(cell: string): string {
  return cell
    .replace(/(\d)h/g, '$1 h ')
    .replace(/(\d)m(?=\d|$| )/g, '$1 min ')
    .replace(/(\d)s/g, '$1 s')
    .trim()
    .replace(/^(\d+) (?=\d)/, '$1 · ');
}

/** The same as it is set: `2 40s`. */
export function plainCell(shown: string): string {
  return shown
    .replace(' · ', ' ')
    .replace(/(\d) min ?/g, '$1m')
    .replace(/(\d) (s|h)\b/g, '$1$2')
    .replace(/(\dh) (?=\d)/g, '$1')
    .trim();
}

/** What a cell says after a key: Space is in or out, a digit the place or rank, p by phone, k a key to take the call. */
export function afterKey(cell: string, key: string, kind: string): string | undefined {
  const words = cell.split(' ').filter((word) => word && word !== 'in');
  const with_ = (word: string) =>
    words.includes(word) ? words.filter((one) => one !== word) : [...words, word];
  const said = (all: string[]) => all.join(' ') || 'in';
  if (key === ' ') return cell ? '' : 'in';
  if (key === 'Delete' || key === 'Backspace') return cell ? '' : undefined;
  if (/^[1-9]$/.test(key) && (kind === 'queue' || kind === 'hunt-group'))
    return said([key, ...words.filter((word) => !/^\d+$/.test(word))]);
  if (key === 'p' && kind === 'queue') return said(with_('phone'));
  if (key === 'k' && kind !== 'page') return said(with_('key'));
  return undefined;
}
