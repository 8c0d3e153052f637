import { expect, test } from 'vitest';
import { axisStep, clock, instantInWords, lasting, span } from './clock';

test('seconds are read as minutes and hours', () => {
  expect(clock(7)).toBe('0:07');
  expect(clock(3725)).toBe('1:02:05');
  expect(span(0, 57)).toBe('0:00–0:57');
  expect(span(4, 4)).toBe('0:04');
});

test('what lasts is said in whole seconds and minutes', () => {
  expect(lasting(40.4)).toBe('40 s');
  expect(lasting(59.6)).toBe('1 min');
  expect(lasting(90)).toBe('1 min 30 s');
});

test('an instant is said with its weekday', () => {
  expect(instantInWords('2026-11-24T10:15')).toBe('Tue 24 Nov 2026 10:15');
  expect(instantInWords('soon')).toBe('soon');
});

test('an axis has at most as many marks as asked for', () => {
  expect(axisStep(48, 10)).toBe(5);
  expect(axisStep(700, 10)).toBe(120);
});
