import type { Shows } from './listening';
import { Stream, type Heard } from './stream';

/** What this window hears, by the browser's one stream. */
interface Line {
  show(site: string | undefined): void;
}

/** By the worker that all windows share; by a stream of its own in a browser that has no shared workers. */
function line(then: (heard: Heard) => void): Line {
  if (typeof SharedWorker === 'undefined') {
    const stream = new Stream((url) => new EventSource(url));
    const window = { postMessage: then };
    return { show: (site) => (site === undefined ? stream.leave(window) : stream.listen(window, site)) };
  }
  const { port } = new SharedWorker(new URL('./listening.ts', import.meta.url), {
    type: 'module',
    name: 'bittern',
  });
  port.onmessage = ({ data }: MessageEvent<Heard>) => then(data);
  return { show: (site) => port.postMessage({ site } satisfies Shows) };
}

let held: Line | undefined;
let hears: ((heard: Heard) => void) | undefined;
let shown: string | undefined;

/** Listens to what happens to a site until what it gives back is called; one site at a time. */
export function hear(site: string, then: (heard: Heard) => void): () => void {
  held ??= line((heard) => hears?.(heard));
  hears = then;
  shown = site;
  held.show(site);
  return () => {
    if (hears !== then) return;
    hears = shown = undefined;
    held?.show(undefined);
  };
}

// A page that is left, or kept by the browser for going back, listens to nothing.
window.addEventListener('pagehide', () => held?.show(undefined));
window.addEventListener('pageshow', ({ persisted }) => {
  if (persisted && shown !== undefined) held?.show(shown);
});
