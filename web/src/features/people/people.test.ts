import { expect, test } from 'vitest';
import { browser } from '../../testing/browser';

browser('/s/saltreach/draft/people');
const { afterKey, memberOf, plainCell, shownCell, wishedCell } = await import('./people.svelte');

test('a key on a cell puts somebody in, out, or in another place', () => {
  expect(afterKey('', ' ', 'queue')).toBe('in');
  expect(afterKey('2 phone', ' ', 'queue')).toBe('');
  expect(afterKey('in', '2', 'queue')).toBe('2');
  expect(afterKey('2 40s', '3', 'queue')).toBe('3 40s');
  expect(afterKey('2', 'p', 'queue')).toBe('2 phone');
  expect(afterKey('2 phone', 'p', 'queue')).toBe('2');
  expect(afterKey('10s', 'k', 'ring-group')).toBe('10s key');
  expect(afterKey('in', 'Delete', 'page')).toBe('');
});

test('a key that means nothing there is left to the grid', () => {
  expect(afterKey('in', '2', 'page')).toBeUndefined();
  expect(afterKey('in', 'p', 'ring-group')).toBeUndefined();
  expect(afterKey('', 'Delete', 'queue')).toBeUndefined();
});

test('a member is named by the number of the extension', () => {
  expect(memberOf('queue/bookings', 'extension/2010', 'in')).toEqual({
    member: { object: 'queue/bookings', extension: '2010', cell: 'in' },
  });
});

test('a cell is shown as people read it and set as it is written', () => {
  for (const [plain, shown] of [
    ['2 40s', '2 · 40 s'],
    ['2 phone 1m30s', '2 phone 1 min 30 s'],
    ['10s key', '10 s key'],
    ['in', 'in'],
    ['', ''],
  ] as const) {
    expect(shownCell(plain)).toBe(shown);
    expect(plainCell(shown)).toBe(plain);
  }
});

test('a cell that is being changed shows what was wished for last, and no other does', () => {
  const wishes = [
    memberOf('queue/bookings', 'extension/2010', 'in'),
    memberOf('queue/bookings', 'extension/2010', ''),
  ];
  expect(wishedCell(wishes, 'queue/bookings', 'extension/2010')).toBe('');
  expect(wishedCell(wishes, 'queue/bookings', 'extension/2011')).toBeUndefined();
  expect(wishedCell(wishes, 'queue/freight', 'extension/2010')).toBeUndefined();
});
