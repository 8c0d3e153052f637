import { address } from '../../app/address.svelte';
import { queries } from '../../app/queries.svelte';
import { site } from '../../app/site.svelte';
import { turns } from '../../app/turns';

/** Of something: so many there are, and those of one window. */
interface Window<Row> {
  total: number;
  rows: Row[];
}

/**
 * Rows by the thousands, of which only those that have been in sight are known: they are asked for in windows.
 *
 * `Wanted` says which rows and in which order, `View` is what the server gives of a window.
 */
export abstract class Windows<Wanted extends object, Row, View extends Window<Row>> {
  total = $state(0);
  known = $state(false);
  /** The window that came last, with what it says of all rows. */
  view = $state.raw<View | undefined>();
  #windows = $state.raw<ReadonlyMap<number, Row[]>>(new Map());
  #wanted: Wanted | undefined;
  #version: number | undefined;
  #range: [number, number] = [0, 1];
  #asked = new AbortController();
  #pending = new Set<number>();
  readonly #name: string;
  readonly #size: number;

  /** Rows that are called `name` where answers are kept, in windows of so many. */
  constructor(name: string, size: number) {
    this.#name = name;
    this.#size = size;
  }

  protected abstract ask(wanted: Wanted, from: number, rows: number, signal: AbortSignal): Promise<View>;

  /** Begins with other rows; those that are shown stay until the first of these are there. */
  begin(wanted: Wanted): void {
    this.#asked.abort();
    this.#asked = new AbortController();
    this.#wanted = wanted;
    this.#version = site.version;
    this.#pending.clear();
    this.#look(true);
  }

  row(index: number): Row | undefined {
    return this.#windows.get(Math.floor(index / this.#size))?.[index % this.#size];
  }

  inSight(from: number, to: number): void {
    this.#range = [Math.max(0, from), Math.max(from, to, 0)];
    this.#look(false);
  }

  /** Fetches what is not known yet: whatever is printed, stands there whole. */
  async everything(): Promise<void> {
    for (let window = 0; window * this.#size < this.total; window++) {
      if (this.#windows.has(window) || this.#pending.has(window)) continue;
      this.#pending.add(window);
      await this.#fetch(window, false);
    }
  }

  get #first(): number {
    return Math.floor(this.#range[0] / this.#size);
  }

  #look(fresh: boolean): void {
    const last = Math.floor(this.#range[1] / this.#size);
    for (let window = this.#first; window <= last; window++) {
      const beyond = !fresh && window > this.#first && window * this.#size >= this.total;
      if (beyond || this.#pending.has(window) || (!fresh && this.#windows.has(window))) continue;
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
        queryKey: [address.site, address.plan, this.#version, this.#name, { ...wanted }, window],
        queryFn: ({ signal }): Promise<View> =>
          turns.first(() => this.ask(wanted, window * this.#size, this.#size, signal)),
      });
      if (asked !== this.#asked) return;
      const windows = new Map(fresh && window === this.#first ? [] : this.#windows);
      windows.set(window, view.rows);
      this.#windows = windows;
      this.view = view;
      this.total = view.total;
      this.known = true;
    } catch (failure) {
      if (asked === this.#asked) site.fail(failure);
    } finally {
      this.#pending.delete(window);
    }
  }
}
