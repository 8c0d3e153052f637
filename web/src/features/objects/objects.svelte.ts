import { address } from '../../app/address.svelte';
import { queries } from '../../app/queries.svelte';
import { site } from '../../app/site.svelte';
import * as api from '../../lib/api/endpoints';
import type { ListRow, ListView } from '../../lib/api/types';

/** Rows are asked for in windows of so many. */
const WINDOW = 200;

/** What a list of objects shows: which kind, in which order, with which columns. */
export interface Wanted {
  kind: string;
  find: string;
  order: string;
  descending: boolean;
  columns: string[];
}

/** All objects of a kind, of which only the rows that have been in sight are known. */
export class ObjectRows {
  total = $state(0);
  known = $state(false);
  #windows = $state.raw<ReadonlyMap<number, ListRow[]>>(new Map());
  #wanted: Wanted | undefined;
  #version: number | undefined;
  #range: [number, number] = [0, WINDOW];
  #asked = new AbortController();

  /** Begins with other rows; those that are shown stay until the first of these are there. */
  begin(wanted: Wanted): void {
    this.#asked.abort();
    this.#asked = new AbortController();
    this.#wanted = wanted;
    this.#version = site.version;
    this.#pending.clear();
    this.#ask(this.#range[0], this.#range[1], true);
  }

  row(index: number): ListRow | undefined {
    return this.#windows.get(Math.floor(index / WINDOW))?.[index % WINDOW];
  }

  inSight(from: number, to: number): void {
    this.#range = [from, to];
    this.#ask(from, to, false);
  }

  #pending = new Set<number>();

  #ask(from: number, to: number, fresh: boolean): void {
    const first = Math.floor(Math.max(0, from) / WINDOW);
    const last = Math.floor(Math.max(from, to) / WINDOW);
    for (let window = first; window <= last; window++) {
      if (this.#pending.has(window) || (!fresh && this.#windows.has(window))) continue;
      if (window > first && !fresh && window * WINDOW >= this.total) continue;
      this.#pending.add(window);
      void this.#fetch(window, fresh);
    }
  }

  async #fetch(window: number, fresh: boolean): Promise<void> {
    const wanted = this.#wanted;
    const asked = this.#asked;
    if (!wanted || this.#version === undefined) return;
    try {
      const view = await queries.fetchQuery({
        queryKey: [address.site, address.plan, this.#version, 'objects', { ...wanted }, window],
        queryFn: ({ signal }): Promise<ListView> =>
          api.objects(
            address.site,
            address.plan,
            wanted.kind,
            {
              find: wanted.find,
              order: wanted.order || undefined,
              descending: wanted.descending,
              from: window * WINDOW,
              rows: WINDOW,
              column: wanted.columns,
            },
            signal,
          ),
      });
      if (asked !== this.#asked) return;
      const windows = new Map(fresh && window === Math.floor(this.#range[0] / WINDOW) ? [] : this.#windows);
      windows.set(window, view.rows);
      this.#windows = windows;
      this.total = view.total;
      this.known = true;
    } catch (failure) {
      if (asked === this.#asked) site.fail(failure);
    } finally {
      this.#pending.delete(window);
    }
  }
}
