import { beforeEach, expect, test } from 'vitest';
import { browser, ROOM } from '../testing/browser';
import { typed } from './typed';
import { TypedText } from './typedText.svelte';

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

test('a text begins where it was left, until it is used', () => {
  const lines = new TypedText(() => 'numbers/quay');
  lines.text = '01632 960100 Main line';
  expect(new TypedText(() => 'numbers/quay').text).toBe('01632 960100 Main line');
  expect(new TypedText(() => 'numbers/other').text).toBe('');
  lines.text = ' ';
  expect(typed.get('numbers/quay')).toBeUndefined();
});
