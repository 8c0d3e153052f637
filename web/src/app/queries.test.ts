import { expect, test } from 'vitest';
import { Refused } from '../lib/api/client';
import { browser } from '../testing/browser';

browser('/s/saltreach/draft');
const { queries } = await import('./queries.svelte');

function again(times: number, failure: unknown): boolean {
  const retry = queries.getDefaultOptions().queries?.retry;
  if (typeof retry !== 'function') throw new Error('nothing says when to try again');
  return retry(times, failure as Error);
}

test('a server that is away is asked again, and one that has to begin anew, some times', () => {
  for (const status of [0, 409]) {
    expect(again(0, new Refused(status, ['']))).toBe(true);
    expect(again(3, new Refused(status, ['']))).toBe(false);
  }
});

test('what is refused, or a fault of ours, is not tried again', () => {
  for (const failure of [new Refused(404, ['']), new Refused(422, ['']), new TypeError('ours')]) {
    expect(again(0, failure)).toBe(false);
  }
});
