import { expect, test } from 'vitest';
import { SCREENS, screenFor, screenOf } from './screens';

test('every kind of object is listed by one screen', () => {
  const kinds = SCREENS.flatMap((screen) => screen.kinds);
  expect(new Set(kinds).size).toBe(kinds.length);
  expect(screenFor('ring-group').name).toBe('groups');
  expect(() => screenFor('colour')).toThrow('colour');
});

test('a name in an address is that of one screen, or of none', () => {
  const names = SCREENS.map((screen) => screen.name);
  expect(new Set(names).size).toBe(names.length);
  expect(screenOf('voicemail')?.title).toBe('Voicemail');
  expect(screenOf('colour')).toBeUndefined();
});
