import { address } from '../../app/address.svelte';
import { queries } from '../../app/queries.svelte';
import { site } from '../../app/site.svelte';
import * as api from '../../lib/api/endpoints';
import type { FreeNumber, GridColumn, PeopleView, PersonRow, Wish } from '../../lib/api/types';

/** Rows are asked for in windows of so many. */
const WINDOW = 100;

/** People row by row, of which only those that have been in sight are known. */
export class PeopleRows {
  total = $state(0);
  known = $state(false);
  columns = $state.raw<GridColumn[]>([]);
  free = $state.raw<FreeNumber[]>([]);
  #windows = $state.raw<ReadonlyMap<number, PersonRow[]>>(new Map());
  #find = '';
  #version: number | undefined;
  #range: [number, number] = [0, WINDOW];
  #asked = new AbortController();
  #pending = new Set<number>();

  /** Begins with other people; those that are shown stay until the first of these are there. */
  begin(find: string): void {
    this.#asked.abort();
    this.#asked = new AbortController();
    this.#find = find;
    this.#version = site.version;
    this.#pending.clear();
    this.#ask(true);
  }

  row(index: number): PersonRow | undefined {
    return this.#windows.get(Math.floor(index / WINDOW))?.[index % WINDOW];
  }

  inSight(from: number, to: number): void {
    this.#range = [from, to];
    this.#ask(false);
  }

  #ask(fresh: boolean): void {
    const [from, to] = this.#range;
    const last = Math.floor(Math.max(from, to) / WINDOW);
    for (let window = Math.floor(Math.max(0, from) / WINDOW); window <= last; window++) {
      const beyond = this.known && window > 0 && window * WINDOW >= this.total;
      if (beyond || this.#pending.has(window) || (!fresh && this.#windows.has(window))) continue;
      this.#pending.add(window);
      void this.#fetch(window, fresh);
    }
  }

  async #fetch(window: number, fresh: boolean): Promise<void> {
    const asked = this.#asked;
    const find = this.#find;
    try {
      const view = await queries.fetchQuery({
        queryKey: [address.site, address.plan, this.#version, 'people', find, window],
        queryFn: ({ signal }): Promise<PeopleView> =>
          api.people(address.site, address.plan, { find, from: window * WINDOW, rows: WINDOW }, signal),
      });
      if (asked !== this.#asked) return;
      const first = Math.floor(Math.max(0, this.#range[0]) / WINDOW);
      const windows = new Map(fresh && window === first ? [] : this.#windows);
      windows.set(window, view.rows);
      this.#windows = windows;
      this.total = view.total;
      this.columns = view.columns;
      this.free = view.free;
      this.known = true;
    } catch (failure) {
      if (asked === this.#asked) site.fail(failure);
    } finally {
      this.#pending.delete(window);
    }
  }
}

/** The wish that somebody is in a group, a queue or a page as a cell says. */
export function memberOf(object: string, person: string, cell: string): Wish {
  return { member: { object, extension: person.slice(person.indexOf('/') + 1), cell } };
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
