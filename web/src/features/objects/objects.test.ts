import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { ListView, SiteView } from '../../lib/api/types';
import { browser } from '../../testing/browser';

const api = vi.hoisted(() => ({ objects: vi.fn(), plan: vi.fn() }));
vi.mock('../../lib/api/endpoints', () => api);
browser('/s/saltreach/draft/people');
const { site } = await import('../../app/site.svelte');
const { queries } = await import('../../app/queries.svelte');
const { ObjectRows } = await import('./objects.svelte');

const WANTED = { kind: 'extension', find: '', order: '', descending: false, columns: ['ringFor'] };

function rows(from: number, count: number, total = 1000): ListView {
  return {
    total,
    rows: Array.from({ length: count }, (_, index) => ({ key: String(from + index) })),
  } as unknown as ListView;
}

const settled = () => new Promise((then) => setTimeout(then));

beforeEach(() => {
  site.view = { key: 'saltreach', version: 7 } as SiteView;
  queries.clear();
  api.objects.mockReset();
  api.objects.mockImplementation((_site, _plan, _kind, { from }: { from: number }) =>
    Promise.resolve(rows(from, 200)),
  );
});

describe('a list of thousands', () => {
  it('asks for the window that is in sight, and for others when they come into it', async () => {
    const list = new ObjectRows();
    list.begin(WANTED);
    await settled();
    expect(list.total).toBe(1000);
    expect(list.row(199)?.key).toBe('199');
    expect(list.row(600)).toBeUndefined();
    list.inSight(590, 610);
    await settled();
    expect(list.row(600)?.key).toBe('600');
    list.inSight(100, 110);
    await settled();
    expect(api.objects.mock.calls.map((call) => (call[3] as { from: number }).from)).toEqual([0, 400, 600]);
  });

  it('makes all rows known that are to be printed, and asks for each once', async () => {
    const list = new ObjectRows();
    list.begin(WANTED);
    await settled();
    await list.everything();
    await list.everything();
    expect(list.row(999)?.key).toBe('999');
    expect(api.objects).toHaveBeenCalledTimes(5);
  });

  it('never shows the rows of an earlier question over those of a later', async () => {
    const answers: ((view: ListView) => void)[] = [];
    api.objects.mockImplementation(() => new Promise<ListView>((then) => answers.push(then)));
    const list = new ObjectRows();
    list.inSight(0, 20);
    list.begin({ ...WANTED, find: 'a' });
    list.begin({ ...WANTED, find: 'ad' });
    const late = answers.slice(0, 1);
    answers.at(-1)?.(rows(5, 1, 1));
    await settled();
    late[0]?.(rows(9, 1, 1));
    await settled();
    expect(list.row(0)?.key).toBe('5');
  });

  it('says what went wrong, and knows nothing then', async () => {
    api.objects.mockRejectedValue(new Error('a fault'));
    const list = new ObjectRows();
    list.begin(WANTED);
    await vi.waitFor(() => expect(site.wrong).toBe(true));
    expect(list.known).toBe(false);
  });
});
