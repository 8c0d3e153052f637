import { expect, test } from 'vitest';
import {
  AGENT,
  listed,
  LOOKUPS,
  nameOf,
  ofSetting,
  PHONE,
  PHONES,
  plain,
  SWITCHES,
  TRUNKS,
} from './reactions';

test('a list of states is said by its first, and as usual where there is none', () => {
  expect(listed([], 'silent')).toBe('silent');
  expect(listed(['2012=busy'], 'silent')).toBe('2012 busy');
  expect(listed(['lookup/bank=found'], 'know nobody')).toBe('bank found');
  expect(listed(['2012=busy', '2013=off', '2014=off'], 'silent')).toBe('2012 busy and 2 more');
});

test('a state that is none of the quick ones is as written', () => {
  expect(plain('busy', PHONE)).toBe('busy');
  expect(plain('busy then answers 6s', PHONE)).toBe('other');
  expect(plain('', AGENT)).toBe('');
});

test('trunks are named by reference, as queues that are waited in share their list', () => {
  expect(nameOf(TRUNKS, 'trunk/line')).toBe('trunk/line');
  expect(nameOf(PHONES, 'extension/2001')).toBe('2001');
  expect(nameOf(SWITCHES, 'switch/night')).toBe('night');
});

test('a setting has just its own states of the list that it shares', () => {
  const queues = { ...TRUNKS, kind: 'queue' };
  const states = ['bookings=2', 'trunk/line=down', 'mailbox/lost=full', 'lookup/bank=found'];
  expect(ofSetting(LOOKUPS, states)).toEqual(['lookup/bank=found']);
  expect(ofSetting(TRUNKS, states)).toEqual(['trunk/line=down']);
  expect(ofSetting(queues, states)).toEqual(['bookings=2', 'mailbox/lost=full']);
  expect(ofSetting(PHONES, ['2001=busy'])).toEqual(['2001=busy']);
});
