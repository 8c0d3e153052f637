import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Refused } from '../lib/api/client';
import type { SiteView } from '../lib/api/types';
import { browser } from '../testing/browser';

const api = vi.hoisted(() => ({ preview: vi.fn(), plan: vi.fn() }));
vi.mock('../lib/api/endpoints', () => api);
browser('/s/saltreach/draft/groups');
const { site } = await import('./site.svelte');
const { Preview } = await import('./preview.svelte');

const WISH = { set: { object: 'ring-group/desk', field: '/ringFor', value: '30s' } };

function noticed(says: string) {
  return { says: '', noticed: { says, count: 1, first: [] } };
}

beforeEach(() => {
  vi.useFakeTimers();
  api.preview.mockReset();
  site.view = { key: 'saltreach', version: 7 } as SiteView;
});

afterEach(() => {
  vi.useRealTimers();
});

describe('what a change would do', () => {
  it('is asked once for what is wished for last', async () => {
    api.preview.mockResolvedValue(noticed('2 kinds of call take longer'));
    const preview = new Preview();
    preview.ask({ ...WISH, set: { ...WISH.set, value: '25s' } });
    preview.ask(WISH);
    expect(preview.asking).toBe(true);
    await vi.advanceTimersByTimeAsync(400);
    expect(api.preview).toHaveBeenCalledOnce();
    expect(api.preview.mock.calls[0]?.[1]).toEqual({ wishes: [WISH], version: 7 });
    expect(preview.noticed?.says).toBe('2 kinds of call take longer');
    expect(preview.asking).toBe(false);
  });

  it('is asked no more once it is being kept, and what was seen of it stays until then', async () => {
    api.preview.mockResolvedValue(noticed('1 kind of call takes longer'));
    const preview = new Preview();
    preview.ask(WISH);
    await vi.advanceTimersByTimeAsync(400);
    preview.stop();
    expect(preview.noticed?.says).toBe('1 kind of call takes longer');
    preview.ask(WISH);
    preview.stop();
    await vi.advanceTimersByTimeAsync(400);
    expect(api.preview).toHaveBeenCalledOnce();
    expect(preview.asking).toBe(false);
  });

  it('never shows an answer that has been overtaken', async () => {
    const answers: ((answer: unknown) => void)[] = [];
    api.preview.mockImplementation(() => new Promise((then) => answers.push(then)));
    const preview = new Preview();
    preview.ask(WISH);
    await vi.advanceTimersByTimeAsync(200);
    preview.ask(WISH);
    await vi.advanceTimersByTimeAsync(200);
    answers[1]?.(noticed('later'));
    await vi.advanceTimersByTimeAsync(0);
    answers[0]?.(noticed('earlier'));
    await vi.advanceTimersByTimeAsync(0);
    expect(preview.noticed?.says).toBe('later');
  });

  it('says why it cannot be, and forgets all when it is dropped', async () => {
    api.preview.mockRejectedValue(new Refused(422, ['20 is no duration.']));
    const preview = new Preview();
    preview.ask(WISH);
    await vi.advanceTimersByTimeAsync(400);
    expect(preview.problems).toEqual(['20 is no duration.']);
    preview.drop();
    expect(preview.problems).toEqual([]);
    preview.ask(WISH);
    preview.drop();
    await vi.advanceTimersByTimeAsync(400);
    expect(api.preview).toHaveBeenCalledOnce();
  });
});
