import { beforeEach, describe, expect, it } from 'vitest';
import { browser } from '../testing/browser';

browser();
const { address } = await import('./address.svelte');

function at(path: string, search = ''): void {
  browser(path, search);
  address.read();
}

beforeEach(() => at('/s/saltreach/draft/people', '?find=ad&at=2026-11-24T10%3A15&phone=2010%3Dbusy'));

describe('an address', () => {
  it('names site, plan, screen and object', () => {
    at('/s/saltreach/3/people/extension/2010');
    expect([address.site, address.plan, address.screen, address.rest]).toEqual([
      'saltreach',
      '3',
      'people',
      ['extension', '2010'],
    ]);
  });

  it('of a site alone is that of its overview', () => {
    at('/s/saltreach/draft');
    expect(address.screen).toBe('overview');
    expect(address.to('overview')).toBe('/s/saltreach/draft');
  });

  it('takes the bench along to another screen, and not the filters', () => {
    expect(address.to('queues')).toBe('/s/saltreach/draft/queues?at=2026-11-24T10%3A15&phone=2010%3Dbusy');
  });

  it('takes both along within its screen', () => {
    expect(address.to('people', 'extension', '2010')).toBe(
      '/s/saltreach/draft/people/extension/2010?find=ad&at=2026-11-24T10%3A15&phone=2010%3Dbusy',
    );
  });

  it('writes what no address may hold so that it is read back', () => {
    const to = address.to('numbers', 'number', '+44 1632/1');
    expect(to).toContain('/%2B44%201632%2F1?');
    at(to.split('?')[0]!);
    expect(address.rest).toEqual(['number', '+44 1632/1']);
  });

  it('stays as it is where it cannot be read', () => {
    at('/s/saltreach/draft/people/%E0%A4%A');
    expect(address.rest).toEqual(['%E0%A4%A']);
  });

  it('is changed in place: a filter is set and taken away', () => {
    address.set('order', 'title');
    expect(location.search).toContain('order=title');
    address.set('order', '');
    expect(location.search).not.toContain('order');
    expect(address.query.get('find')).toBe('ad');
  });
});
