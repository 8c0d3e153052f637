import { describe, expect, it } from 'vitest';
import { keyOf, sizeOf } from './sites.svelte';

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
