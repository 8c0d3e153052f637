import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../lib/api/client';
import type { Edited, SiteView } from '../lib/api/types';
import { kept, version } from '../testing/answers';
import { browser } from '../testing/browser';

const api = vi.hoisted(() => ({
  plan: vi.fn(),
  edit: vi.fn(),
  undo: vi.fn(),
  redo: vi.fn(),
  session: vi.fn(),
}));
vi.mock('../lib/api/endpoints', () => api);
browser('/s/saltreach/draft');
const { site } = await import('./site.svelte');
const { address } = await import('./address.svelte');
const { turns } = await import('./turns');

const WISH = { set: { object: 'queue/bookings', field: '/name', value: 'Tickets' } };

beforeEach(() => {
  browser('/s/saltreach/draft');
  address.read();
  Object.values(api).forEach((one) => one.mockReset());
  site.leave();
});

describe('the plan that is open', () => {
  it('is changed from the version that is seen, and comes with the answer', async () => {
    site.view = version(7);
    api.edit.mockResolvedValue(kept(8, 'Bookings, name: Tickets'));
    await site.change(WISH);
    expect(api.edit).toHaveBeenCalledWith('saltreach', {
      wishes: [WISH],
      version: 7,
      once: expect.stringMatching(/^[0-9a-f]{32}$/) as string,
    });
    expect([site.version, site.says, site.wrong]).toEqual([8, 'Bookings, name: Tickets', false]);
    expect(api.plan).not.toHaveBeenCalled();
  });

  it('is changed whatever others have made of it where that is known', async () => {
    site.view = version(7);
    api.edit.mockResolvedValue(kept(9));
    await site.changeAnyway(WISH);
    expect(api.edit).toHaveBeenCalledWith('saltreach', {
      wishes: [WISH],
      once: expect.stringMatching(/^[0-9a-f]{32}$/) as string,
    });
  });

  it('is sent again under the same name where the answer was lost, and no more than once kept', async () => {
    vi.useFakeTimers();
    site.view = version(7);
    api.edit.mockReset();
    api.edit
      .mockRejectedValueOnce(new Refused(0, ['lost']))
      .mockRejectedValueOnce(new Refused(503, ['busy']));
    api.edit.mockResolvedValue(kept(8));
    const changed = site.change(WISH);
    await vi.advanceTimersByTimeAsync(60_000);
    await changed;
    vi.useRealTimers();
    const names = api.edit.mock.calls.map(([, wishes]) => (wishes as { once: string }).once);
    expect(names).toHaveLength(3);
    expect(new Set(names).size).toBe(1);
  });

  it('is made of as many edits as its wishes need', async () => {
    site.view = version(7);
    api.edit.mockReset();
    api.edit.mockResolvedValueOnce(kept(8)).mockResolvedValueOnce(kept(9)).mockResolvedValueOnce(kept(10));
    await site.change(...Array.from({ length: 401 }, () => WISH));
    expect(api.edit.mock.calls.map(([, wishes]) => (wishes as { wishes: unknown[] }).wishes.length)).toEqual([
      200, 200, 1,
    ]);
  });

  it('says what is being changed until what it has become is there, or it is refused', async () => {
    site.view = version(7);
    let answer: (edited: Edited) => void = () => undefined;
    api.edit.mockImplementation(() => new Promise<Edited>((then) => (answer = then)));
    const changed = site.change(WISH);
    expect(site.underway).toEqual([WISH]);
    let rows: () => void = () => undefined;
    void turns.first(() => new Promise<void>((then) => (rows = then)));
    answer(kept(8));
    await changed;
    expect(site.underway).toEqual([WISH]);
    rows();
    await vi.waitFor(() => expect(site.underway).toEqual([]));
    api.edit.mockRejectedValue(new Refused(422, ['found 20; allowed is 20s.']));
    await expect(site.change(WISH)).rejects.toThrow('allowed is 20s');
    expect(site.underway).toEqual([]);
  });

  it('leaves a refusal to be read where an edit that began before it is answered later', async () => {
    site.view = version(7);
    let answer: (edited: Edited) => void = () => undefined;
    api.edit.mockImplementation(() => new Promise<Edited>((then) => (answer = then)));
    const changed = site.change(WISH);
    site.fail(new Refused(422, ['in a hunt group allowed is a place']));
    answer(kept(8, 'Bookings, name: Tickets'));
    await changed;
    expect([site.says, site.wrong, site.version]).toEqual(['in a hunt group allowed is a place', true, 8]);
    api.edit.mockResolvedValue(kept(9, 'Bookings, name: Boats'));
    await site.change(WISH);
    expect([site.says, site.wrong]).toEqual(['Bookings, name: Boats', false]);
  });

  it('stays as it is where a change is refused, which the field is told', async () => {
    site.view = version(7);
    api.edit.mockRejectedValue(new Refused(422, ['found 20; allowed is 20s.']));
    await expect(site.change(WISH)).rejects.toThrow('allowed is 20s');
    expect(api.plan).not.toHaveBeenCalled();
    expect(site.version).toBe(7);
  });

  it('is not asked for where our own edit is heard of before its answer, and once where others are', async () => {
    site.view = version(7);
    let answer: (edited: Edited) => void = () => undefined;
    api.edit.mockImplementation(() => new Promise<Edited>((then) => (answer = then)));
    const changed = site.change(WISH);
    const heard = site.hear(8);
    answer(kept(8));
    await Promise.all([changed, heard]);
    expect(site.version).toBe(8);
    expect(api.plan).not.toHaveBeenCalled();
    api.plan.mockResolvedValue(version(9));
    await Promise.all([site.hear(9), site.hear(9), site.hear(8)]);
    expect(site.version).toBe(9);
    expect(api.plan).toHaveBeenCalledTimes(1);
  });

  it('stays the one that is open where the answer to an edit comes after it was left', async () => {
    site.view = version(7);
    let answer: (edited: Edited) => void = () => undefined;
    api.edit.mockImplementation(() => new Promise<Edited>((then) => (answer = then)));
    const changed = site.change(WISH);
    browser('/s/marram-hotel/draft');
    address.read();
    site.leave();
    answer(kept(8));
    await changed;
    expect(site.view).toBeUndefined();
  });

  it('is asked for again where it could not be had', async () => {
    site.view = version(7);
    api.plan.mockRejectedValueOnce(new Refused(0, ['The server cannot be reached.']));
    await site.hear(8);
    expect([site.version, site.wrong]).toEqual([7, true]);
    api.plan.mockResolvedValue(version(8));
    await site.hear(8);
    expect(site.version).toBe(8);
  });

  it('is never an older one over a newer', async () => {
    const answers: ((view: SiteView) => void)[] = [];
    api.plan.mockImplementation(() => new Promise((then) => answers.push(then)));
    const first = site.refresh();
    const second = site.refresh();
    answers[1]?.(version(9));
    answers[0]?.(version(8));
    await Promise.all([first, second]);
    expect(site.version).toBe(9);
  });

  it('does not speak of a question that has been overtaken', async () => {
    api.plan.mockImplementationOnce(
      (_site, _plan, signal: AbortSignal) =>
        new Promise((_then, fail) => signal.addEventListener('abort', () => fail(new Error('stopped')))),
    );
    const first = site.refresh();
    api.plan.mockResolvedValue(version(9));
    await site.refresh();
    await first;
    expect([site.version, site.wrong]).toEqual([9, false]);
  });

  it('is a release where the address says so, which cannot be changed', () => {
    expect(site.draft).toBe(true);
    browser('/s/saltreach/live');
    address.read();
    expect(site.draft).toBe(false);
  });

  it('says what has been undone, or why nothing was', async () => {
    api.undo.mockResolvedValue(kept(8, 'Bookings, name: Tickets'));
    await site.undo();
    expect(site.says).toBe('Undone: Bookings, name: Tickets');
    api.redo.mockRejectedValue(new Refused(409, ['There is nothing to redo.']));
    await site.redo();
    expect([site.says, site.wrong]).toEqual(['There is nothing to redo.', true]);
  });
});
