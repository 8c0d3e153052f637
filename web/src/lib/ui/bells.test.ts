import { expect, test } from 'vitest';
import { bells } from './bells';

test('a British phone rings twice in a cycle of three seconds', () => {
  expect(bells(0, 6, 3)).toEqual([
    [0, 0.4],
    [0.6, 1],
    [3, 3.4],
    [3.6, 4],
  ]);
});

test('ringing ends where the stretch does', () => {
  expect(bells(2, 8, 5)).toEqual([
    [2, 3],
    [7, 8],
  ]);
  expect(bells(0, 7, 6)).toEqual([
    [0, 2],
    [6, 7],
  ]);
  expect(bells(3, 3, 5)).toEqual([]);
});
