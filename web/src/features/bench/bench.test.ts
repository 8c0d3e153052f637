import { expect, test } from 'vitest';
import { browser } from '../../testing/browser';

browser('/');
const { address } = await import('../../app/address.svelte');
const { bench, stepped } = await import('./bench.svelte');

function at(path: string): void {
  const [to, search = ''] = path.split(/(?=\?)/);
  browser(to, search);
  address.read();
}

test('an instant is stepped over midnight and the end of a month', () => {
  expect(stepped('2026-11-30T23:50', 15)).toBe('2026-12-01T00:05');
  expect(stepped('2026-03-01T00:00', -24 * 60)).toBe('2026-02-28T00:00');
});

test('what is not an instant stays as it was typed', () => {
  expect(stepped('soon', 15)).toBe('soon');
});

test('the number called is that of its outline, and on a sheet that of the bench', () => {
  at('/s/saltreach/draft/outline/%2B441632960170?to=%2B441632960144');
  expect(bench.to).toBe('+441632960170');
  at('/s/saltreach/draft/outline/menu/front-desk?to=%2B441632960144');
  expect(bench.to).toBe('+441632960144');
  at('/s/saltreach/draft/outline/menu/front-desk');
  expect(bench.to).toBe('');
});
