import type {
  EventEdited,
  EventExamining,
  EventHello,
  EventPeople,
  EventSites,
  EventTold,
} from '../lib/api/types';

/** What a window is told, each about the site that it names. */
interface Events {
  hello: EventHello;
  edited: EventEdited;
  examining: EventExamining;
  told: EventTold;
  people: EventPeople;
  sites: EventSites;
}

const NAMES = ['hello', 'edited', 'examining', 'told', 'people', 'sites'] as const satisfies (keyof Events)[];

/** One thing told: an event, or whether the server tells at all. */
export type Heard =
  | { [name in keyof Events]: { event: name; what: Events[name] } }[keyof Events]
  | { event: 'connected'; what: boolean };

/** A window, as the stream knows it. */
export interface Window {
  postMessage(heard: Heard): void;
}

/** What the stream asks of an EventSource. */
export type Source = Pick<EventSource, 'readyState' | 'onopen' | 'onerror' | 'addEventListener' | 'close'>;

const CLOSED = 2;

/** After a refusal the browser does not try again by itself, as it does after a connection that was lost. */
const AGAIN = 3000;

/**
 * The one stream of events that a browser holds, whatever windows it has open: browsers open six connections to a server,
 * and a window more must not wait. Each window hears of the site that it shows; the stream ends with the last of them.
 */
export class Stream {
  readonly #open: (url: string) => Source;
  /** Which site each window shows. */
  readonly #windows = new Map<Window, string>();
  #source: Source | undefined;
  #next: Source | undefined;
  #url = '';
  #connected = true;
  #again: ReturnType<typeof setTimeout> | undefined;
  /** By site, what a window that comes later has to know. */
  readonly #known = new Map<
    string,
    { hello: EventHello; people?: EventPeople; examining?: EventExamining }
  >();

  constructor(open: (url: string) => Source) {
    this.#open = open;
  }

  /** A window shows a site from now on. */
  listen(window: Window, site: string): void {
    this.#windows.set(window, site);
    if (this.#renew()) return;
    window.postMessage({ event: 'connected', what: this.#connected });
    const known = this.#known.get(site);
    if (known === undefined) return;
    window.postMessage({ event: 'hello', what: known.hello });
    if (known.people) window.postMessage({ event: 'people', what: known.people });
    if (known.examining) window.postMessage({ event: 'examining', what: known.examining });
  }

  /** A window shows none any more, or is gone. */
  leave(window: Window): void {
    if (this.#windows.delete(window)) this.#renew();
  }

  /** Opens a stream about the sites of all windows where there is none; says whether it did. */
  #renew(): boolean {
    const sites = [...new Set(this.#windows.values())].sort();
    const url =
      sites.length === 0
        ? ''
        : `/api/events?${sites.map((site) => `site=${encodeURIComponent(site)}`).join('&')}`;
    if (url === this.#url) return false;
    this.#url = url;
    [...this.#known.keys()]
      .filter((site) => !sites.includes(site))
      .forEach((site) => this.#known.delete(site));
    if (url === '') this.#end();
    else this.#begin(url);
    return url !== '';
  }

  #end(): void {
    clearTimeout(this.#again);
    this.#next?.close();
    this.#source?.close();
    this.#next = this.#source = undefined;
  }

  #begin(url: string): void {
    clearTimeout(this.#again);
    this.#next?.close();
    const source = (this.#next = this.#open(url));
    source.onopen = () => {
      if (source !== this.#next && source !== this.#source) return;
      // The one before tells until this one does, so that nothing is missed in between.
      if (source === this.#next) {
        this.#source?.close();
        this.#source = source;
        this.#next = undefined;
      }
      this.#is(true);
    };
    source.onerror = () => {
      if (source !== this.#next && source !== this.#source) return;
      this.#is(false);
      if (source.readyState !== CLOSED) return;
      clearTimeout(this.#again);
      this.#again = setTimeout(() => this.#begin(this.#url), AGAIN);
    };
    NAMES.forEach((name) =>
      source.addEventListener(name, (message) => {
        if (source === this.#source || source === this.#next)
          this.#tell({ event: name, what: JSON.parse((message as MessageEvent<string>).data) } as Heard & {
            event: keyof Events;
          });
      }),
    );
  }

  #is(connected: boolean): void {
    this.#connected = connected;
    for (const window of this.#windows.keys()) window.postMessage({ event: 'connected', what: connected });
  }

  #tell(heard: Exclude<Heard, { event: 'connected' }>): void {
    this.#keep(heard);
    for (const [window, site] of this.#windows)
      if (heard.event === 'sites' || heard.what.site === site) window.postMessage(heard);
  }

  #keep(heard: Exclude<Heard, { event: 'connected' }>): void {
    if (heard.event === 'hello') this.#known.set(heard.what.site, { hello: heard.what });
    const known = this.#known.get(heard.what.site);
    if (known === undefined) return;
    if (heard.event === 'edited') known.hello = { ...known.hello, version: heard.what.version };
    if (heard.event === 'people') known.people = heard.what;
    if (heard.event === 'examining') known.examining = heard.what;
  }
}
