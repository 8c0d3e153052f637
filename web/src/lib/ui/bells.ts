/**
 * Where in a stretch of ringing the bell is heard, in seconds: once a cycle, twice in a cycle of three seconds
 * (ITU-T E.180, Supplement 2).
 */
export function bells(from: number, to: number, cycle: number): [number, number][] {
  const all: [number, number][] = [];
  for (let start = from; start < to; start += cycle) {
    if (cycle === 3) all.push([start, start + 0.4], [start + 0.6, start + 1]);
    else all.push([start, start + (cycle === 6 ? 2 : 1)]);
  }
  return all.filter(([begin]) => begin < to).map(([begin, end]) => [begin, Math.min(end, to)]);
}
