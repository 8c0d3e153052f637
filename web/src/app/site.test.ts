import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../lib/api/client';
import type { SiteView } from '../lib/api/types';
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

const WISH = { set: { object: 'queue/bookings', field: '/name', value: 'Tickets' } };

function version(number: number): SiteView {
  return { key: 'saltreach', version: number } as SiteView;
}

beforeEach(() => {
  browser('/s/saltreach/draft');
  address.read();
  Object.values(api).forEach((one) => one.mockReset());
  site.leave();
});

describe('the plan that is open', () => {
  it('is changed from the version that is seen, and is asked for again', async () => {
    site.view = version(7);
    api.edit.mockResolvedValue({ version: 8, says: 'Bookings, name: Tickets' });
    api.plan.mockResolvedValue(version(8));
    await site.change(WISH);
    expect(api.edit).toHaveBeenCalledWith('saltreach', { wishes: [WISH], version: 7 });
    expect([site.version, site.says, site.wrong]).toEqual([8, 'Bookings, name: Tickets', false]);
  });

  it('is changed whatever others have made of it where that is known', async () => {
    site.view = version(7);
    api.edit.mockResolvedValue({ version: 9, says: '' });
    api.plan.mockResolvedValue(version(9));
    await site.changeAnyway(WISH);
    expect(api.edit).toHaveBeenCalledWith('saltreach', { wishes: [WISH] });
  });

  it('stays as it is where a change is refused, which the field is told', async () => {
    site.view = version(7);
    api.edit.mockRejectedValue(new Refused(422, ['found 20; allowed is 20s.']));
    await expect(site.change(WISH)).rejects.toThrow('allowed is 20s');
    expect(api.plan).not.toHaveBeenCalled();
    expect(site.version).toBe(7);
  });

  it('is asked for once however often it is heard that it was changed', async () => {
    site.view = version(7);
    const answers: (() => void)[] = [];
    api.edit.mockResolvedValue({ version: 8, says: '' });
    api.plan.mockImplementation(() => new Promise((then) => answers.push(() => then(version(8)))));
    const changed = site.change(WISH);
    await vi.waitFor(() => expect(answers).toHaveLength(1));
    expect(site.version).toBe(7);
    void site.hear(8);
    answers.forEach((answer) => answer());
    await changed;
    void site.hear(8);
    expect([site.view?.version, site.version]).toEqual([8, 8]);
    expect(api.plan).toHaveBeenCalledTimes(1);
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
    api.undo.mockResolvedValue({ version: 8, says: 'Bookings, name: Tickets' });
    api.plan.mockResolvedValue(version(8));
    await site.undo();
    expect(site.says).toBe('Undone: Bookings, name: Tickets');
    api.redo.mockRejectedValue(new Refused(409, ['There is nothing to redo.']));
    await site.redo();
    expect([site.says, site.wrong]).toEqual(['There is nothing to redo.', true]);
  });
});
