import { Stream, type Window } from './stream';

/** The shared worker of all windows of a browser: it holds their one stream. */
const stream = new Stream((url) => new EventSource(url));

/** What a window says: which site it shows, or none. */
export interface Shows {
  site?: string;
}

const scope = globalThis as unknown as { onconnect: (event: MessageEvent) => void };

scope.onconnect = ({ ports: [port] }) => {
  if (!port) return;
  const window = port as Window & MessagePort;
  port.onmessage = ({ data: { site } }: MessageEvent<Shows>) =>
    site === undefined ? stream.leave(window) : stream.listen(window, site);
  // A window that was killed says nothing; where the browser tells of its end, that is heard.
  port.addEventListener('close', () => stream.leave(window));
};
