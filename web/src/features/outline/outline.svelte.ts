import type { OutlineView, RowView, TraceStep } from '../../lib/api/types';
import { bench } from '../bench/bench.svelte';

/** A row that the bench's call passes: when, and which step of the trace happens there. */
export interface Lit {
  second: number;
  step: number;
}

/** The rows of one number, which of them are open, selected and passed by the call. */
class OutlineState {
  rows = $state.raw<RowView[]>([]);
  selected = $state(1);
  closed = $state.raw<ReadonlySet<string>>(new Set());
  loaded = $state('');

  lit = $derived.by(() => litRows(this.rows));

  /** What the call dials in a menu: the rows of thousands that it passes. */
  passed = $derived(
    (bench.call?.trace.steps ?? [])
      .filter((step) => step.exit.startsWith('dialled '))
      .map((step) => `${step.object}#${step.exit}`),
  );

  /** Whether only the rows that the call passes are shown. */
  alone = $state(false);

  /** Rows that are not inside a closed one; those of the call alone where that is asked for. */
  shown = $derived.by(() => {
    if (this.alone && this.lit.size) {
      return this.rows.filter((row) => this.lit.has(row.number) || row.number === 1);
    }
    const shown: RowView[] = [];
    let hiddenBelow = Infinity;
    for (const row of this.rows) {
      if (row.depth > hiddenBelow) continue;
      hiddenBelow = this.closed.has(keyOf(row)) ? row.depth : Infinity;
      shown.push(row);
    }
    return shown;
  });

  /** Rows that stand for many and are opened: all that is under them is asked for. */
  wanted = $state.raw<string[]>([]);
  /** What is looked for: rows that have it are asked for wherever they are. */
  sought = $state('');
  #find: (() => void) | undefined;

  row = $derived(this.rows.find((row) => row.number === this.selected));

  /** Takes over the rows of a number; those of another begin where its call ends. */
  take(view: OutlineView): void {
    const first = this.loaded !== view.number;
    const selected = this.row && keyOf(this.row);
    this.rows = view.rows;
    this.loaded = view.number;
    if (first) {
      this.wanted = [];
      this.sought = '';
      this.#find = undefined;
      this.selected = 1;
      this.#followed = '';
      this.closed = new Set(this.rows.filter((row) => isMany(row)).map(keyOf));
    }
    // Rows above it may have come or gone.
    const again = first ? undefined : this.rows.find((row) => keyOf(row) === selected);
    this.selected = again?.number ?? Math.min(this.selected, Math.max(1, this.rows.length));
    const find = this.#find;
    this.#find = undefined;
    find?.();
  }

  #followed = '';

  /**
   * Selects the row where the call ends, once for a number and unless somebody has gone elsewhere: that is where one
   * looks first.
   */
  follow(): number | undefined {
    // What the call dials is asked for once it is known: until it is here, the end is not.
    const there = (exit: string) => this.rows.some((row) => !isMany(row) && row.arrivals.includes(exit));
    if (!this.passed.every(there)) return undefined;
    const last = [...this.lit].reduce<[number, Lit] | undefined>(
      (end, one) => (end === undefined || later(one[1], end[1]) ? one : end),
      undefined,
    )?.[0];
    if (last === undefined || !this.rows.length || this.#followed === this.loaded) return undefined;
    this.#followed = this.loaded;
    this.reveal(last);
    return last;
  }

  move(by: number): void {
    this.#followed = this.loaded;
    const at = this.shown.findIndex((row) => row.number === this.selected);
    const next = this.shown[Math.min(Math.max(at + by, 0), this.shown.length - 1)];
    if (next) this.selected = next.number;
  }

  isOpen(row: RowView): boolean {
    return !this.closed.has(keyOf(row));
  }

  turn(row: RowView, open: boolean): void {
    const closed = new Set(this.closed);
    if (open) closed.delete(keyOf(row));
    else if (row.opens) closed.add(keyOf(row));
    this.closed = closed;
    if (open && row.leftOut) this.want(row);
  }

  /** Asks for the rows within one that have not been given. */
  want(row: RowView): void {
    if (!this.wanted.includes(keyOf(row))) this.wanted = [...this.wanted, keyOf(row)];
  }

  /** Does something when the rows that have what is looked for are here; at once where none is left out. */
  seek(text: string, then: () => void): void {
    if (text === this.sought || !this.rows.some((row) => row.leftOut)) return then();
    this.#find = then;
    this.sought = text;
  }

  under(row: RowView): number {
    const from = this.rows.indexOf(row) + 1;
    const end = this.rows.findIndex((other, index) => index >= from && other.depth <= row.depth);
    const given = this.rows.slice(from, end < 0 ? this.rows.length : end);
    return given.length + [row, ...given].reduce((left, one) => left + one.leftOut, 0);
  }

  /** Opens every row above one and selects it. */
  reveal(number: number): void {
    const target = this.rows.find((row) => row.number === number);
    if (!target) return;
    const closed = new Set(this.closed);
    let depth = target.depth;
    for (const row of this.rows.slice(0, this.rows.indexOf(target)).reverse()) {
      if (row.depth < depth) {
        closed.delete(keyOf(row));
        depth = row.depth;
      }
    }
    this.closed = closed;
    this.selected = number;
  }
}

/** What a row is called by, whichever its number is now. */
export function keyOf(row: RowView): string {
  return row.arrivals[0] ?? '';
}

/** Whether a row is passed after another; of two passed together the lower one is later. */
function later(one: Lit, other: Lit): boolean {
  return one.second > other.second || (one.second === other.second && one.step >= other.step);
}

/** A row that stands for many, such as all extensions that can be dialled, begins closed. */
function isMany(row: RowView): boolean {
  return row.opens && row.object === undefined;
}

function litRows(rows: RowView[]): Map<number, Lit> {
  const lit = new Map<number, Lit>();
  const trace = bench.call?.trace;
  if (!trace) return lit;
  const arrivals = new Map<string, Lit>();
  if (trace.route) arrivals.set('number#' + trace.route, { second: 0, step: 0 });
  trace.steps.forEach((step: TraceStep, index: number) => {
    const second = trace.steps[index + 1]?.second ?? trace.ending.second;
    const exit = `${step.object}#${step.exit}`;
    if (!arrivals.has(exit))
      arrivals.set(exit, { second, step: Math.min(index + 1, trace.steps.length - 1) });
  });
  for (const row of rows) {
    const arrival = row.arrivals.map((exit) => arrivals.get(exit)).find((found) => found !== undefined);
    if (arrival) lit.set(row.number, arrival);
  }
  return lit;
}

export const outline = new OutlineState();
