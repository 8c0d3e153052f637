/** Seconds from the beginning of a call as people read them: `0:27`, `1:02:05`. */
export function clock(seconds: number): string {
  const rest = String(seconds % 60).padStart(2, '0');
  const minutes = Math.floor(seconds / 60);
  return minutes < 60
    ? `${minutes}:${rest}`
    : `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}:${rest}`;
}

export function span(earliest: number, latest: number): string {
  return earliest === latest ? clock(earliest) : `${clock(earliest)}–${clock(latest)}`;
}

/** How long something lasts, in words: `40 s`, `1 min 30 s`; whole seconds. */
export function lasting(seconds: number): string {
  const whole = Math.round(seconds);
  const rest = whole % 60;
  return whole < 60 ? `${whole} s` : `${Math.floor(whole / 60)} min${rest ? ` ${rest} s` : ''}`;
}

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'];
const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/** A time of the site's clock in words: `Tue 24 Nov 2026 10:15`. */
export function instantInWords(at: string): string {
  const time = new Date(at.slice(0, 16) + 'Z');
  if (Number.isNaN(time.getTime())) return at || 'no time';
  const day = `${DAYS[time.getUTCDay()]} ${time.getUTCDate()} ${MONTHS[time.getUTCMonth()]} ${time.getUTCFullYear()}`;
  return `${day} ${at.slice(11, 16)}`;
}

/** Distances between the marks of an axis that leave room for their figures. */
export function axisStep(seconds: number, marks: number): number {
  return [1, 2, 5, 10, 15, 30, 60, 120, 300, 600, 1800].find((step) => seconds / step <= marks) ?? 3600;
}
