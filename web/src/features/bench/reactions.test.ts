import { expect, test } from 'vitest';
import { AGENT, listed, PHONE, plain } from './reactions';

test('a list of states is said by its first, and as usual where there is none', () => {
  expect(listed([], 'silent')).toBe('silent');
  expect(listed(['2012=busy'], 'silent')).toBe('2012 busy');
  expect(listed(['2012=busy', '2013=off', '2014=off'], 'silent')).toBe('2012 busy and 2 more');
});

test('a state that is none of the quick ones is as written', () => {
  expect(plain('busy', PHONE)).toBe('busy');
  expect(plain('busy then answers 6s', PHONE)).toBe('other');
  expect(plain('', AGENT)).toBe('');
});
