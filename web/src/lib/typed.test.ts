import { beforeEach, expect, test } from 'vitest';
import { browser, ROOM } from '../testing/browser';
import { typed } from './typed';

beforeEach(() => browser());

test('what is typed is kept until it is dropped', () => {
  expect(typed.get('queue/bookings/name')).toBeUndefined();
  expect(typed.keep('queue/bookings/name', 'Bookings')).toBe(true);
  expect(typed.get('queue/bookings/name')).toBe('Bookings');
  typed.drop('queue/bookings/name');
  expect(typed.get('queue/bookings/name')).toBeUndefined();
});

test('what is too large to be kept is not mistaken for what was kept before', () => {
  typed.keep('sites/file', 'bittern: 2');
  expect(typed.keep('sites/file', 'x'.repeat(ROOM + 1))).toBe(false);
  expect(typed.get('sites/file')).toBeUndefined();
});
