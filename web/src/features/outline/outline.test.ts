import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { CallView, OutlineView, RowView } from '../../lib/api/types';

vi.stubGlobal('location', { pathname: '/', search: '' });
vi.stubGlobal('window', { addEventListener: () => undefined });
const { bench } = await import('../bench/bench.svelte');
const { outline } = await import('./outline.svelte');

function row(number: number, depth: number, arrival: string, opens = false, object?: string): RowView {
  return {
    number,
    depth,
    earliest: 0,
    latest: 0,
    parts: [],
    arrivals: [arrival],
    object,
    uses: 0,
    opens,
    leftOut: 0,
    findings: 0,
    blocking: false,
  };
}

/** A menu whose key leads to a group; who presses nothing comes to the same group, by a row that links. */
const view: OutlineView = {
  version: 1,
  number: '+441632960100',
  current: true,
  rows: [
    row(1, 0, 'number#route/main', true, 'route/main'),
    row(2, 1, 'route/main#on', true, 'menu/front'),
    row(3, 2, 'menu/front#key 0', true, 'ring-group/desk'),
    row(4, 3, 'ring-group/desk#no-answer', false, 'mailbox/desk'),
    row(5, 2, 'menu/front#dialled', true),
    row(6, 3, 'menu/front#dialled 2001', false, 'extension/2001'),
    row(7, 2, 'menu/front#no-valid-key', false, 'ring-group/desk'),
  ],
};

function called(...steps: [second: number, object: string, exit: string][]): CallView {
  return {
    trace: {
      route: 'route/main',
      steps: steps.map(([second, object, exit]) => ({ second, object, exit })),
      ending: { second: 77 },
    },
  } as unknown as CallView;
}

beforeEach(() => {
  outline.loaded = '';
  outline.alone = false;
  bench.call = called(
    [0, 'route/main', 'on'],
    [0, 'menu/front', 'no-valid-key'],
    [57, 'ring-group/desk', 'no-answer'],
    [77, 'mailbox/desk', 'message'],
  );
  outline.take(view);
});

describe('an outline', () => {
  it('selects the row at which the call ends, though a row below it is passed sooner', () => {
    expect([...outline.lit.keys()]).toEqual([1, 2, 4, 7]);
    expect(outline.follow()).toBe(4);
    expect(outline.selected).toBe(4);
  });

  it('does so once: who has gone elsewhere stays there', () => {
    outline.follow();
    outline.move(-1);
    expect(outline.selected).toBe(3);
    expect(outline.follow()).toBeUndefined();
    expect(outline.selected).toBe(3);
  });

  it('begins with what stands for many closed, and opens what is above a row that is gone to', () => {
    expect(outline.shown.map((one) => one.number)).toEqual([1, 2, 3, 4, 5, 7]);
    expect(outline.under(view.rows[4]!)).toBe(1);
    outline.reveal(6);
    expect(outline.shown.map((one) => one.number)).toEqual([1, 2, 3, 4, 5, 6, 7]);
  });

  it('waits with that for what the call dials, which is asked for when it is known', () => {
    bench.call = called(
      [0, 'route/main', 'on'],
      [0, 'menu/front', 'dialled 2001'],
      [20, 'extension/2001', 'busy'],
    );
    const many = { ...view.rows[4]!, arrivals: ['menu/front#dialled', 'menu/front#dialled 2001'] };
    outline.loaded = '';
    outline.take({ ...view, rows: [...view.rows.slice(0, 4), { ...many, leftOut: 1 }] });
    expect(outline.passed).toEqual(['menu/front#dialled 2001']);
    expect(outline.follow()).toBeUndefined();
    outline.take({ ...view, rows: [...view.rows.slice(0, 4), many, view.rows[5]!] });
    expect(outline.follow()).toBe(6);
  });

  it('shows the call alone', () => {
    outline.alone = true;
    expect(outline.shown.map((one) => one.number)).toEqual([1, 2, 4, 7]);
  });

  it('keeps what is closed when the plan has changed', () => {
    outline.turn(view.rows[2]!, false);
    outline.take({ ...view, version: 2 });
    expect(outline.shown.map((one) => one.number)).toEqual([1, 2, 3, 5, 7]);
  });

  it('asks for rows that have been left out, and stays at the row that is selected when they come', () => {
    const many = { ...view.rows[4]!, leftOut: 1 };
    const last = { ...view.rows[6]!, number: 6 };
    outline.loaded = '';
    outline.take({ ...view, rows: [...view.rows.slice(0, 4), many, last] });
    outline.selected = 6;
    outline.turn(many, true);
    expect(outline.wanted).toEqual(['menu/front#dialled']);
    outline.take(view);
    expect(outline.selected).toBe(7);
  });

  it('looks among those, too, and goes on when they are here', () => {
    const many = { ...view.rows[4]!, leftOut: 1 };
    outline.loaded = '';
    outline.take({ ...view, rows: [...view.rows.slice(0, 4), many] });
    const found = vi.fn();
    outline.seek('2001', found);
    expect(outline.sought).toBe('2001');
    expect(found).not.toHaveBeenCalled();
    outline.take(view);
    expect(found).toHaveBeenCalledOnce();
    outline.seek('2001', found);
    expect(found).toHaveBeenCalledTimes(2);
  });
});
