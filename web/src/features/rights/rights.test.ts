import { describe, expect, it } from 'vitest';
import { sentence, turned } from './rights';

describe('rights', () => {
  it('are said in a sentence', () => {
    expect(sentence([])).toBe('do nothing');
    expect(sentence(['look'])).toBe('look');
    expect(sentence(['look', 'cut-over'])).toBe('look and cut over');
    expect(sentence(['look', 'change', 'manage'])).toBe('look, change and manage accounts');
  });

  it('always hold that to look, and none without it', () => {
    expect(turned([], 'change', true)).toEqual(['look', 'change']);
    expect(turned(['look', 'change'], 'change', false)).toEqual(['look']);
    expect(turned(['look', 'change'], 'look', false)).toEqual([]);
    expect(turned(['look'], 'look', true)).toEqual(['look']);
  });
});
