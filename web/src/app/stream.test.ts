import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Stream, type Heard, type Source } from './stream';

/** A connection, from the server's side. */
class Told {
  readyState = 0;
  onopen: (() => void) | null = null;
  onerror: (() => void) | null = null;
  readonly #listeners = new Map<string, (message: { data: string }) => void>();
  constructor(readonly url: string) {}
  addEventListener(event: string, then: (message: { data: string }) => void): void {
    this.#listeners.set(event, then);
  }
  close(): void {
    this.readyState = 2;
  }
  opens(): void {
    this.readyState = 1;
    this.onopen?.();
  }
  refused(): void {
    this.readyState = 2;
    this.onerror?.();
  }
  tell(event: string, what: object): void {
    this.#listeners.get(event)?.({ data: JSON.stringify(what) });
  }
}

let all: Told[] = [];
let stream: Stream;

function window(): { heard: Heard[]; postMessage: (heard: Heard) => void } {
  const heard: Heard[] = [];
  return { heard, postMessage: (one) => heard.push(one) };
}

const open = () => all.filter((one) => one.readyState !== 2);

beforeEach(() => {
  vi.useFakeTimers();
  all = [];
  stream = new Stream((url) => {
    const told = new Told(url);
    all.push(told);
    return told as unknown as Source;
  });
});

describe('the stream of a browser', () => {
  it('is one for twelve windows of a site, each of which is told', () => {
    const windows = Array.from({ length: 12 }, window);
    windows.forEach((one) => stream.listen(one, 'saltreach'));
    expect(open()).toHaveLength(1);
    all[0]?.opens();
    all[0]?.tell('edited', { site: 'saltreach', version: 8 });
    windows.forEach((one) => expect(one.heard.at(-1)).toMatchObject({ event: 'edited' }));
  });

  it('tells a window that comes later what has happened since it began', () => {
    const first = window();
    stream.listen(first, 'saltreach');
    all[0]?.opens();
    all[0]?.tell('hello', { site: 'saltreach', version: 7, session: 'mine' });
    all[0]?.tell('edited', { site: 'saltreach', version: 8 });
    all[0]?.tell('people', { site: 'saltreach', accounts: ['ade'] });
    const later = window();
    stream.listen(later, 'saltreach');
    expect(later.heard).toEqual([
      { event: 'connected', what: true },
      { event: 'hello', what: { site: 'saltreach', version: 8, session: 'mine' } },
      { event: 'people', what: { site: 'saltreach', accounts: ['ade'] } },
    ]);
  });

  it('is one for windows of two sites too, and each hears of its own', () => {
    const [ferry, baths] = [window(), window()];
    stream.listen(ferry, 'saltreach');
    all[0]?.opens();
    stream.listen(baths, 'larkfield');
    // The one before tells until the new one does.
    all[0]?.tell('edited', { site: 'saltreach', version: 8 });
    expect(ferry.heard.at(-1)).toMatchObject({ event: 'edited' });
    all[1]?.opens();
    expect(open().map((one) => one.url)).toEqual(['/api/events?site=larkfield&site=saltreach']);
    all[1]?.tell('edited', { site: 'larkfield', version: 3 });
    expect(ferry.heard.filter((one) => one.event === 'edited')).toHaveLength(1);
    expect(baths.heard.at(-1)).toMatchObject({ event: 'edited' });
  });

  it('ends with the last window', () => {
    const [one, other] = [window(), window()];
    stream.listen(one, 'saltreach');
    stream.listen(other, 'saltreach');
    stream.leave(one);
    expect(open()).toHaveLength(1);
    stream.leave(other);
    expect(open()).toHaveLength(0);
    vi.advanceTimersByTime(60_000);
    expect(open()).toHaveLength(0);
  });

  it('that is refused is tried again as long as somebody listens', () => {
    const one = window();
    stream.listen(one, 'saltreach');
    all[0]?.refused();
    expect(one.heard.at(-1)).toEqual({ event: 'connected', what: false });
    vi.advanceTimersByTime(60_000);
    expect(all).toHaveLength(2);
    all[1]?.opens();
    expect(one.heard.at(-1)).toEqual({ event: 'connected', what: true });
    all[1]?.refused();
    stream.leave(one);
    vi.advanceTimersByTime(60_000);
    expect(open()).toHaveLength(0);
  });
});
