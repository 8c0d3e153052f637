import { address } from '../../app/address.svelte';
import { Preview } from '../../app/preview.svelte';
import { site } from '../../app/site.svelte';
import * as api from '../../lib/api/endpoints';
import type { StateView, Would } from '../../lib/api/types';

/** An edge of a day, and where it is being moved to; minutes of the day. */
export interface Move {
  key: string;
  date: string;
  from: number;
  to: number;
  alone: boolean;
}

const DAY = 24 * 60;

/** The wish that hours have other states. */
export function statesOf(key: string, states: unknown) {
  return { set: { object: `hours/${key}`, field: '/states', value: states } };
}

/** An edge that is being moved: what hours would be, and who would notice. */
export class EdgeMove {
  move = $state.raw<Move | undefined>();
  would = $state.raw<Would | undefined>();
  readonly preview = new Preview();
  #looking = $state(false);
  #asked: AbortController | undefined;
  #pending: Promise<void> = Promise.resolve();

  /** Whether this edge is the one that is being moved. */
  at(key: string, date: string, from: number): Move | undefined {
    const move = this.move;
    return move?.key === key && move.date === date && move.from === from ? move : undefined;
  }

  /** Whether it is not known yet what hours would be, or who would notice. */
  get asking(): boolean {
    return this.#looking || this.preview.asking;
  }

  /** Moves an edge; it is kept once `keep` is called. */
  to(move: Move): void {
    const to = Math.min(DAY, Math.max(0, move.to));
    this.move = { ...move, to };
    this.#pending = this.#look();
  }

  drop(): void {
    this.#asked?.abort();
    this.#looking = false;
    this.move = undefined;
    this.would = undefined;
    this.preview.drop();
  }

  /** Keeps what hours would be, as one edit. */
  async keep(): Promise<void> {
    await this.#pending;
    const { move, would } = this;
    if (!move) return;
    if (would?.wrong) site.fail(would.says);
    try {
      if (would?.states && move.to !== move.from) {
        this.preview.stop();
        await site.change(statesOf(move.key, would.states));
      }
    } catch (failure) {
      site.fail(failure);
    }
    if (this.move === move) this.drop();
  }

  async #look(): Promise<void> {
    this.#asked?.abort();
    const asked = new AbortController();
    this.#asked = asked;
    const { move } = this;
    if (!move) return;
    this.#looking = true;
    try {
      const { key, ...query } = move;
      const would = await api.movedEdge(address.site, address.plan, key, query, asked.signal);
      if (asked.signal.aborted) return;
      this.would = would;
      if (would.states) this.preview.ask(statesOf(move.key, would.states));
      else this.preview.drop();
    } catch (failure) {
      if (!asked.signal.aborted) site.fail(failure);
    } finally {
      if (this.#asked === asked) this.#looking = false;
    }
  }
}

/** A minute of the day as a clock shows it. */
export function clockOf(minute: number): string {
  return `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
}

/** The minute of the day that digits name: the last four of each four that are typed, where a clock shows them. */
export function minuteOf(digits: string): number | undefined {
  if (digits.length % 4) return undefined;
  const [hours, minutes] = [Number(digits.slice(-4, -2)), Number(digits.slice(-2))];
  const minute = hours * 60 + minutes;
  return minutes < 60 && minute <= DAY ? minute : undefined;
}

/** Of each state the tone in which it is painted: what holds else steps back, days of their own stand out. */
export type Tone = 'rest' | 'water' | 'pale' | 'slate' | 'moss' | 'plum' | 'reed';

const TONES: Tone[] = ['water', 'pale', 'slate', 'moss', 'plum'];

export function tonesOf(states: StateView[]): Map<string, Tone> {
  let next = 0;
  return new Map(
    states.map(({ state, dated }, index): [string, Tone] => {
      if (index === states.length - 1) return [state, 'rest'];
      return [state, dated ? 'reed' : (TONES[next++ % TONES.length] ?? 'water')];
    }),
  );
}

export const FILL: Record<Tone, string> = {
  rest: 'bg-line/60 text-muted',
  water: 'bg-water text-on',
  pale: 'bg-water/55 text-on',
  slate: 'bg-slate text-on',
  moss: 'bg-moss text-on',
  plum: 'bg-plum text-on',
  reed: 'bg-reed text-on',
};
