import { beforeEach, describe, expect, it, vi } from 'vitest';
import { browser } from '../testing/browser';

const navigate = vi.hoisted(() => vi.fn());
vi.mock('./routes', () => ({ navigate }));
browser();
const { address } = await import('./address.svelte');
const { listOf, sheetOf, showCall, visit } = await import('./links');
const { splitRef } = await import('./refs');

beforeEach(() => {
  browser('/s/saltreach/draft/people', '?kind=extension&find=ad&order=title&down=1&keys=3');
  address.read();
  navigate.mockClear();
});

describe('a link', () => {
  it('leads to the sheet of an object, on the screen that lists its kind', () => {
    expect(splitRef('queue/bookings')).toEqual(['queue', 'bookings']);
    expect(sheetOf('queue/bookings')).toBe('/s/saltreach/draft/queues/queue/bookings?keys=3');
  });

  it('leads to a list without the filters of another list', () => {
    expect(listOf('people', '')).toBe('/s/saltreach/draft/people?keys=3');
    expect(listOf('groups', 'hunt-group')).toBe('/s/saltreach/draft/groups?keys=3&kind=hunt-group');
  });

  it('is gone to by the router, with its query', () => {
    visit('/s/saltreach/draft/queues?keys=3', true);
    expect(navigate).toHaveBeenCalledWith('/s/saltreach/draft/queues', { search: '?keys=3', replace: true });
  });

  it('to a call puts it on the bench first', () => {
    showCall({
      to: '+441632960100',
      from: 'withheld',
      at: '2026-11-28T20:00',
      keys: '3,1',
      phones: ['2010=busy'],
      switches: [],
      agents: [],
      waiting: ['bookings=2'],
    });
    const [path, { search }] = navigate.mock.calls[0] as [string, { search: string }];
    expect(path).toBe('/s/saltreach/draft/outline/%2B441632960100');
    const query = new URLSearchParams(search);
    expect(query.get('from')).toBe('withheld');
    expect(query.getAll('phone')).toEqual(['2010=busy']);
    expect(query.get('waiting')).toBe('bookings=2');
    expect(query.has('find')).toBe(false);
  });
});
