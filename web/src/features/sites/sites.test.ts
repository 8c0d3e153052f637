import { describe, expect, it } from 'vitest';
import { countries, keyOf, sizeOf } from './sites.svelte';

describe('a new site', () => {
  it('has the key that its name makes', () => {
    expect(keyOf('Ferry Quay')).toBe('ferry-quay');
    expect(keyOf('  Åse & Co. ')).toBe('ase-co');
    expect(keyOf('!')).toBe('');
  });

  it('says how large a plan file is', () => {
    expect(sizeOf('bittern: 2')).toBe('10 characters');
    expect(sizeOf('a: b\n'.repeat(1000))).toBe('1,001 lines, 5 kB');
    expect(sizeOf('x'.repeat(1_349_000))).toBe('1.3 MB');
  });
});

describe('the countries of a new site', () => {
  const all = countries();

  it('are found by name', () => {
    expect(all).toContainEqual(['NO', 'Norway']);
    expect(all.map(([, name]) => name).slice(0, 2)).toEqual(['Afghanistan', 'Åland Islands']);
  });

  it('are countries of today, each once', () => {
    const codes = all.map(([code]) => code);
    expect(codes).not.toContain('ZZ');
    expect(codes).not.toContain('ZR');
    expect(codes).toContain('CD');
    expect(new Set(codes).size).toBe(codes.length);
  });
});
