import { beforeEach, describe, expect, it } from 'vitest';
import type { SiteView } from '../lib/api/types';
import { browser } from '../testing/browser';

browser();
const { dayAndTime, dayOfWeek, figure, instant, moment, together } = await import('./said');
const { site } = await import('./site.svelte');

function of(country: string): void {
  site.view = { country, now: '2026-11-24T10:15', languages: ['nb-NO'] } as SiteView;
}

beforeEach(() => of('GB'));

describe('a time of the site’s clock', () => {
  it('is said as its country does, in English as all of the screens', () => {
    expect(instant('2026-11-24T10:15')).toBe('Tue 24 Nov 2026 10:15');
    of('US');
    expect(instant('2026-11-24T20:15')).toBe('Tue Nov 24 2026 08:15 PM');
    of('NO');
    expect(instant('2026-11-24T20:15')).toMatch(/^Tue 24 Nov 2026 20:15$/);
  });

  it('is not moved by the browser’s zone, also where the clock is put forward', () => {
    expect(instant('2026-03-29T01:30')).toBe('Sun 29 Mar 2026 01:30');
  });

  it('of today needs no day', () => {
    expect(dayAndTime('2026-11-24T08:05')).toBe('08:05');
    expect(dayAndTime('2026-11-23T08:05')).toBe('23 Nov, 08:05');
  });

  it('is made of an instant by the site’s zone, and where none is open by that of Greenwich', () => {
    site.view = { country: 'NO', timeZone: 'Europe/Oslo' } as SiteView;
    expect(moment('2026-07-01T22:30:00Z')).toBe('2 Jul 2026 00:30');
    site.view = undefined;
    expect(moment('2026-07-01T22:30:00.123Z')).toBe('1 Jul 2026 22:30 UTC');
  });

  it('that cannot be read stays as it was typed', () => {
    expect(instant('soon')).toBe('soon');
    expect(instant('')).toBe('no time');
    of('XYZ');
    expect(instant('2026-11-24T10:15')).toBe('Tue 24 Nov 2026 10:15');
  });
});

describe('in the manner of the site’s country', () => {
  it('a figure has its thousands apart and one place after the point', () => {
    expect([72, 2298.5, 0.25].map(figure)).toEqual(['72', '2,298.5', '0.3']);
    of('CH');
    expect(figure(2298.5)).toMatch(/^2[^,0-9]298\.5$/);
  });

  it('a day has little room', () => {
    expect(dayOfWeek('2026-11-30')).toBe('Mon 30');
    of('US');
    expect(dayOfWeek('2026-11-30')).toBe('30 Mon');
  });
});

describe('a line', () => {
  it('does not end between a figure and what it counts', () => {
    expect(together('Port control, 3 phones, 1 min 12 s, else 2014')).toBe(
      'Port control, 3\u00a0phones, 1\u00a0min\u00a012\u00a0s, else 2014',
    );
  });
});
