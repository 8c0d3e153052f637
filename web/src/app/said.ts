import { site } from './site.svelte';

/** The way to write dates: in English, as all of the screens, and as the site's country does. */
function locale(): string {
  try {
    return new Intl.Locale('en', { region: site.view?.country ?? 'GB' }).toString();
  } catch {
    return 'en-GB';
  }
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
  return new Intl.DateTimeFormat(locale(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: 'UTC',
  })
    .format(time)
    .replaceAll(',', '');
}

/** The same without weekday; today without its day. */
export function dayAndTime(at: string): string {
  const time = clockTime(at);
  if (!time) return at;
  const today = site.view?.now.slice(0, 10) === at.slice(0, 10);
  return new Intl.DateTimeFormat(locale(), {
    ...(today ? {} : { day: 'numeric', month: 'short' }),
    hour: '2-digit',
    minute: '2-digit',
    timeZone: 'UTC',
  }).format(time);
}

/** A day as people there write it: `Tue 24 Nov`. */
export function dayName(date: string): string {
  const time = clockTime(date + 'T00:00');
  if (!time) return date;
  return new Intl.DateTimeFormat(locale(), {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    timeZone: 'UTC',
  })
    .format(time)
    .replaceAll(',', '');
}

/** A time as it is said on another day: `19:00` of the same, `Wed 07:30` within a week, else with its date. */
export function timeOn(at: string, seen: string): string {
  const time = clockTime(at);
  const from = clockTime(seen.slice(0, 10) + 'T00:00');
  if (!time || !from) return at;
  const days = Math.floor((time.getTime() - from.getTime()) / 86_400_000);
  if (days === 0) return at.slice(11, 16);
  if (days < 0 || days > 6) return `${dayName(at.slice(0, 10))} ${at.slice(11, 16)}`;
  const weekday = new Intl.DateTimeFormat(locale(), { weekday: 'short', timeZone: 'UTC' }).format(time);
  return `${weekday} ${at.slice(11, 16)}`;
}
