import { site } from './site.svelte';

/** The way to write dates: in English, as all of the screens, and as the site's country does. */
function locale(): string {
  try {
    return new Intl.Locale('en', { region: site.view?.country ?? 'GB' }).toString();
  } catch {
    return 'en-GB';
  }
}

const HOUR = { hour: '2-digit', minute: '2-digit' } as const;
const DATE = { day: 'numeric', month: 'short' } as const;
const FORMATS = {
  instant: { weekday: 'short', ...DATE, year: 'numeric', ...HOUR },
  dayAndTime: { ...DATE, ...HOUR },
  time: HOUR,
  day: { weekday: 'short', ...DATE },
  weekday: { weekday: 'short' },
  dayOfWeek: { weekday: 'short', day: 'numeric' },
  moment: { ...DATE, year: 'numeric', ...HOUR },
} as const;

/** Formats are dear to make, and a screen of a year's days says hundreds of them: each is made once a country. */
const made = new Map<string, Intl.DateTimeFormat>();

/** A time in one of the formats; of a clock without a zone unless one is given. */
function format(time: Date, name: keyof typeof FORMATS, timeZone = 'UTC'): string {
  const key = [name, site.view?.country ?? 'GB', timeZone].join(' ');
  const known = made.get(key);
  const formatter = known ?? new Intl.DateTimeFormat(locale(), { ...FORMATS[name], timeZone });
  if (!known) made.set(key, formatter);
  return formatter.format(time);
}

/** A time of the site's clock without a zone, `2026-11-24T10:15`, as an instant of a clock that has none. */
function clockTime(at: string): Date | undefined {
  const time = new Date(at.slice(0, 16) + 'Z');
  return Number.isNaN(time.getTime()) ? undefined : time;
}

/** A time of the site's clock as people there write it: `Tue 24 Nov 2026 10:15`. */
export function instant(at: string): string {
  const time = clockTime(at);
  if (!time) return at || 'no time';
  return format(time, 'instant').replaceAll(',', '');
}

/** The same without weekday; today without its day. */
export function dayAndTime(at: string): string {
  const time = clockTime(at);
  if (!time) return at;
  const today = site.view?.now.slice(0, 10) === at.slice(0, 10);
  return format(time, today ? 'time' : 'dayAndTime');
}

/** A day as people there write it: `Tue 24 Nov`. */
export function dayName(date: string): string {
  const time = clockTime(date + 'T00:00');
  if (!time) return date;
  return format(time, 'day').replaceAll(',', '');
}

/** The same where there is little room: `Tue 24`. */
export function dayOfWeek(date: string): string {
  const time = clockTime(date + 'T00:00');
  if (!time) return date;
  return format(time, 'dayOfWeek').replaceAll(',', '');
}

/** A figure as people there write it: `2,253.5`; one place after the point at most. */
export function figure(value: number): string {
  return new Intl.NumberFormat(locale(), { maximumFractionDigits: 1 }).format(value);
}

/** What was said, where no line ends between a figure and what it counts: `3 phones, 1 min 12 s`. */
export function together(said: string): string {
  return said
    .replaceAll(/(?<=\d) (?=(?:s|min|h|days?|phones?|agents?|calls?|callers?|more)\b)/g, '\u00a0')
    .replaceAll(/(?<=\bmin) (?=\d+\u00a0s\b)/g, '\u00a0');
}

/** An instant (`2026-11-24T10:15:00Z`) by the site's clock; where no site is open by that of Greenwich, and said so. */
export function moment(utc: string): string {
  const zone = site.view?.timeZone;
  return format(new Date(utc), 'moment', zone).replaceAll(',', '') + (zone ? '' : ' UTC');
}

/** A time as it is said on another day: `19:00` of the same, `Wed 07:30` within a week, else with its date. */
export function timeOn(at: string, seen: string): string {
  const time = clockTime(at);
  const from = clockTime(seen.slice(0, 10) + 'T00:00');
  if (!time || !from) return at;
  const days = Math.floor((time.getTime() - from.getTime()) / 86_400_000);
  if (days === 0) return at.slice(11, 16);
  if (days < 0 || days > 6) return `${dayName(at.slice(0, 10))} ${at.slice(11, 16)}`;
  return `${format(time, 'weekday')} ${at.slice(11, 16)}`;
}
