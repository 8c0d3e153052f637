import { expect, test, vi } from 'vitest';

vi.stubGlobal('location', { pathname: '/', search: '' });
vi.stubGlobal('window', { addEventListener: () => undefined });
const { stepped } = await import('./bench.svelte');

test('an instant is stepped over midnight and the end of a month', () => {
  expect(stepped('2026-11-30T23:50', 15)).toBe('2026-12-01T00:05');
  expect(stepped('2026-03-01T00:00', -24 * 60)).toBe('2026-02-28T00:00');
});

test('what is not an instant stays as it was typed', () => {
  expect(stepped('soon', 15)).toBe('soon');
});
