import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { KindView, ObjectView, Wish } from '../../lib/api/types';
import { kept, version } from '../../testing/answers';
import { browser } from '../../testing/browser';

const api = vi.hoisted(() => ({ edit: vi.fn(), fresh: vi.fn() }));
vi.mock('../../lib/api/endpoints', () => api);
browser('/s/saltreach/draft');
const { site } = await import('../../app/site.svelte');
const { Sheet } = await import('./sheet.svelte');
const { creating } = await import('./creating.svelte');
const { makeAt } = await import('./making');

const QUEUE = {
  object: 'queue/bookings',
  body: { name: 'Bookings', agents: [{ extension: '2010' }, { extension: '2011' }], keys: { 'a/b': 'x' } },
  shown: [{ at: '/waitFor', text: '5 min' }],
  slots: [
    { at: '/full', words: 'when full', missing: true },
    { at: '/keys/1/to', words: 'key 1', missing: false },
  ],
} as unknown as ObjectView;

const sheet = new Sheet(() => QUEUE);

function wishes(): Wish[] {
  return api.edit.mock.calls.flatMap((call) => (call[1] as { wishes: Wish[] }).wishes);
}

beforeEach(() => {
  Object.values(api).forEach((one) => one.mockReset());
  api.edit.mockResolvedValue(kept(8));
  site.view = version(7);
});

describe('a sheet', () => {
  it('finds a value by its place, also under a name with a slash', () => {
    expect(sheet.kind).toBe('queue');
    expect(sheet.value('/agents/1/extension')).toBe('2011');
    expect(sheet.value('/keys/a~1b')).toBe('x');
    expect(sheet.value('/name/deeper')).toBeUndefined();
    expect(sheet.at('/waitFor')?.text).toBe('5 min');
    expect([...sheet.missing]).toEqual(['/full']);
  });

  it('takes a value away by setting nothing', async () => {
    await sheet.set('/name', undefined);
    expect(wishes()).toEqual([{ set: { object: 'queue/bookings', field: '/name', value: null } }]);
  });

  it('adds to a list, and makes one where there is none', async () => {
    await sheet.add('/agents', { extension: '2012' });
    await sheet.add('/skills', 'cars');
    expect(wishes().map((wish) => [wish.set?.field, wish.set?.value])).toEqual([
      ['/agents/2', { extension: '2012' }],
      ['/skills', ['cars']],
    ]);
  });

  it('moves an entry and leaves the list that is shown as it is', async () => {
    await sheet.move('/agents', 0, 1);
    expect(wishes()[0]?.set?.value).toEqual([{ extension: '2011' }, { extension: '2010' }]);
    expect(sheet.value('/agents/0/extension')).toBe('2010');
  });
});

describe('something new in a place', () => {
  const place = { object: 'queue/bookings', at: '/full', byKey: false };

  it('is made and put there in one edit', async () => {
    api.fresh.mockResolvedValue({ key: 'late', body: { name: 'Late' } });
    await makeAt({ kind: 'mailbox', fields: [] } as unknown as KindView, 'Late', place);
    expect(api.edit).toHaveBeenCalledOnce();
    expect(wishes()).toEqual([
      { create: { object: 'mailbox/late', body: { name: 'Late' } } },
      { set: { object: 'queue/bookings', field: '/full', value: 'mailbox/late' } },
    ]);
  });

  it('is put by its key where the place takes keys', async () => {
    api.fresh.mockResolvedValue({ key: 'late', body: {} });
    await makeAt({ kind: 'prompt', fields: [] } as unknown as KindView, 'Late', { ...place, byKey: true });
    expect(wishes()[1]?.set?.value).toBe('late');
  });

  it('that needs more than a name is asked for first, and put there when it is made', async () => {
    api.fresh.mockResolvedValue({ key: 'late', body: {} });
    const kind = { kind: 'ring-group', fields: [{ name: 'noAnswer', needed: true }] } as unknown as KindView;
    await makeAt(kind, 'Late', place);
    expect([creating.open, creating.kind, creating.name]).toEqual([true, 'ring-group', 'Late']);
    expect(api.edit).not.toHaveBeenCalled();
    creating.then?.('ring-group/late');
    await vi.waitFor(() => expect(wishes()[0]?.set?.value).toBe('ring-group/late'));
  });
});
