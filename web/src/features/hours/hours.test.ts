import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Wish } from '../../lib/api/types';
import { kept, version } from '../../testing/answers';
import { browser } from '../../testing/browser';

const api = vi.hoisted(() => ({ movedEdge: vi.fn(), preview: vi.fn(), edit: vi.fn() }));
vi.mock('../../lib/api/endpoints', () => api);
browser('/s/saltreach/draft/hours');
const { site } = await import('../../app/site.svelte');
const { clockOf, EdgeMove, minuteOf, tonesOf } = await import('./hours.svelte');

const EDGE = { key: 'terminal', date: '2026-11-24', from: 450, to: 450, alone: false };
const STATES = [{ state: 'open' }, { state: 'closed' }];

function wishes(): Wish[] {
  return api.edit.mock.calls.flatMap((call) => (call[1] as { wishes: Wish[] }).wishes);
}

beforeEach(() => {
  vi.useFakeTimers();
  Object.values(api).forEach((one) => one.mockReset());
  api.movedEdge.mockResolvedValue({ says: 'open Mon–Fri 07:45–19:00', wrong: false, states: STATES });
  api.preview.mockResolvedValue({
    says: '',
    noticed: { says: 'callers notice nothing', count: 0, first: [] },
  });
  api.edit.mockResolvedValue(kept(8));
  site.view = version(7);
});

afterEach(() => {
  vi.useRealTimers();
});

describe('an edge that is moved', () => {
  it('says what hours would be and who would notice, and changes nothing', async () => {
    const moving = new EdgeMove();
    moving.to({ ...EDGE, to: 465 });
    await vi.advanceTimersByTimeAsync(300);
    expect(moving.would?.says).toBe('open Mon–Fri 07:45–19:00');
    expect(moving.preview.noticed?.says).toBe('callers notice nothing');
    expect(moving.at('terminal', '2026-11-24', 450)?.to).toBe(465);
    expect(moving.at('terminal', '2026-11-25', 450)).toBeUndefined();
    expect(api.edit).not.toHaveBeenCalled();
  });

  it('is asked about until both are known', async () => {
    let answer: (value: unknown) => void = () => undefined;
    api.movedEdge.mockReturnValue(new Promise((resolve) => (answer = resolve)));
    const moving = new EdgeMove();
    expect(moving.asking).toBe(false);
    moving.to({ ...EDGE, to: 465 });
    await vi.advanceTimersByTimeAsync(2000);
    expect(moving.asking).toBe(true);
    answer({ says: 'open Mon–Fri 07:45–19:00', wrong: false, states: STATES });
    await vi.advanceTimersByTimeAsync(1);
    expect(moving.asking).toBe(true);
    await vi.advanceTimersByTimeAsync(300);
    expect(moving.asking).toBe(false);
    expect(moving.preview.noticed).toBeDefined();
  });

  it('is kept as one edit of the states', async () => {
    const moving = new EdgeMove();
    moving.to({ ...EDGE, to: 465 });
    moving.to({ ...EDGE, to: 480 });
    await moving.keep();
    expect(wishes()).toEqual([{ set: { object: 'hours/terminal', field: '/states', value: STATES } }]);
    expect(moving.move).toBeUndefined();
  });

  it('stays within the day', () => {
    const moving = new EdgeMove();
    moving.to({ ...EDGE, to: -30 });
    expect(moving.move?.to).toBe(0);
    moving.to({ ...EDGE, to: 1500 });
    expect(moving.move?.to).toBe(1440);
  });

  it('is forgotten when it is dropped, and what cannot be is said and not kept', async () => {
    const moving = new EdgeMove();
    moving.to({ ...EDGE, to: 465 });
    moving.drop();
    await vi.advanceTimersByTimeAsync(2000);
    expect(moving.would).toBeUndefined();
    api.movedEdge.mockResolvedValue({ says: 'There it cannot be.', wrong: true });
    moving.to({ ...EDGE, to: 1300 });
    await moving.keep();
    expect(site.says).toBe('There it cannot be.');
    expect(api.edit).not.toHaveBeenCalled();
  });

  it('that comes back to where it was changes nothing', async () => {
    const moving = new EdgeMove();
    moving.to({ ...EDGE, to: 465 });
    moving.to(EDGE);
    await moving.keep();
    expect(api.edit).not.toHaveBeenCalled();
  });
});

describe('what is said of hours', () => {
  it('is a clock', () => {
    expect(clockOf(450)).toBe('07:30');
    expect(clockOf(1440)).toBe('24:00');
  });

  it('is read from four digits, where a clock shows them', () => {
    expect(['0', '08', '081', '0815'].map(minuteOf)).toEqual([undefined, undefined, undefined, 495]);
    expect(minuteOf('08150900')).toBe(540);
    expect(minuteOf('2400')).toBe(1440);
    expect(['2401', '0860', '9900'].map(minuteOf)).toEqual([undefined, undefined, undefined]);
  });

  it('has a tone of its own for days, and steps back for what holds else', () => {
    const tones = tonesOf([
      { state: 'holiday', dated: true },
      { state: 'loading', dated: false },
      { state: 'office', dated: false },
      { state: 'closed', dated: false },
    ]);
    expect([...tones]).toEqual([
      ['holiday', 'reed'],
      ['loading', 'water'],
      ['office', 'pale'],
      ['closed', 'rest'],
    ]);
  });
});
