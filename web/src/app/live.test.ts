import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { SiteView } from '../lib/api/types';
import { browser } from '../testing/browser';

const api = vi.hoisted(() => ({ plan: vi.fn() }));
vi.mock('../lib/api/endpoints', () => api);
browser('/s/saltreach/draft');
const { live } = await import('./live.svelte');
const { site } = await import('./site.svelte');
const { queries } = await import('./queries.svelte');

/** The server's side of a connection: what it tells. */
class Told {
  static last: Told;
  #listeners = new Map<string, (message: { data: string }) => void>();
  readyState = 1;
  onopen = () => {};
  onerror = () => {};
  close = vi.fn();
  constructor(readonly url: string) {
    Told.last = this;
  }
  addEventListener(event: string, then: (message: { data: string }) => void): void {
    this.#listeners.set(event, then);
  }
  tell(event: string, what: unknown): void {
    this.#listeners.get(event)?.({ data: JSON.stringify(what) });
  }
}

let stop: () => void;

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('EventSource', Told);
  api.plan.mockReset();
  api.plan.mockResolvedValue({ key: 'saltreach', version: 8 });
  site.view = { key: 'saltreach', version: 7 } as SiteView;
  queries.clear();
  stop = live.listen('saltreach', 'draft');
  Told.last.onopen();
  Told.last.tell('hello', { site: 'saltreach', version: 7, session: 'mine' });
});

afterEach(() => {
  stop();
  vi.useRealTimers();
});

const EDIT = {
  site: 'saltreach',
  version: 8,
  account: 'ade',
  session: 'other',
  says: 'name: Tickets',
  objects: ['queue/bookings'],
};

describe('what the server tells', () => {
  it('is listened to for one plan until the screen goes', () => {
    expect(Told.last.url).toBe('/api/events?site=saltreach');
    stop();
    expect(Told.last.close).toHaveBeenCalled();
  });

  it('of an edit of somebody else is marked with the name for a while, and asked for', async () => {
    Told.last.tell('edited', EDIT);
    await vi.waitFor(() => expect(api.plan).toHaveBeenCalledOnce());
    expect(live.changed.get('queue/bookings')).toBe('ade');
    expect(site.says).toBe('ade: name: Tickets');
    vi.advanceTimersByTime(60_000);
    expect(live.changed.size).toBe(0);
  });

  it('of an edit of one’s own is asked for, and not marked', async () => {
    Told.last.tell('edited', { ...EDIT, session: 'mine' });
    await vi.waitFor(() => expect(api.plan).toHaveBeenCalledOnce());
    expect(live.changed.size).toBe(0);
  });

  it('of an edit that is known already changes nothing', () => {
    Told.last.tell('edited', { ...EDIT, version: 7 });
    expect(api.plan).not.toHaveBeenCalled();
  });

  it('on coming back tells what was missed', () => {
    Told.last.tell('hello', { site: 'saltreach', version: 9, session: 'mine' });
    expect(api.plan).toHaveBeenCalledOnce();
  });

  it('says how far the search for findings is, of the plan that is open', () => {
    Told.last.tell('examining', { site: 'saltreach', draft: true, version: 7, done: 3, of: 60 });
    expect(live.examining?.done).toBe(3);
    Told.last.tell('examining', { site: 'saltreach', draft: false, version: 7, done: 9, of: 60 });
    expect(live.examining?.done).toBe(3);
    Told.last.tell('examining', { site: 'saltreach', draft: true, version: 7, done: 60, of: 60 });
    expect(live.examining).toBeUndefined();
  });

  it('and whether it tells at all: what is shown may be old', () => {
    Told.last.onerror();
    expect(live.connected).toBe(false);
    Told.last.onopen();
    expect(live.connected).toBe(true);
  });
});

describe('answers with findings of an earlier version', () => {
  const done = () =>
    Told.last.tell('examining', { site: 'saltreach', draft: true, version: 7, done: 60, of: 60 });
  const stale = (key: string) => queries.getQueryState([key])?.isInvalidated;

  it('are asked for again when the search has ended, and no others', () => {
    queries.setQueryData(['findings'], { current: false });
    queries.setQueryData(['outline'], { current: true });
    done();
    expect([stale('findings'), stale('outline')]).toEqual([true, false]);
  });

  it('that are on their way just then, when they have come', async () => {
    let come: (data: object) => void = () => {};
    const way = queries.fetchQuery({
      queryKey: ['outline'],
      queryFn: () => new Promise<object>((then) => (come = then)),
    });
    done();
    expect(stale('outline')).toBe(false);
    come({ current: false });
    await way;
    await vi.waitFor(() => expect(stale('outline')).toBe(true));
  });
});
