import type { ClashView } from './types';

/** What the server refused, with a sentence for each reason, and the fields in which two people clash. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly says: string[],
    readonly clashes: ClashView[] = [],
    /** What has to be given besides, such as a code. */
    readonly needs?: string,
  ) {
    super(says.join(' '));
  }

  /** The draft was changed while the server was computing an answer: it can be asked again. */
  get overtaken(): boolean {
    return this.status === 409;
  }

  /** The server could not be reached at all. */
  get lost(): boolean {
    return this.status === 0;
  }
}

const listeners = new Set<(refused: Refused) => void>();

/** Tells of every refusal, whoever has asked: the session may have ended. */
export function onRefused(then: (refused: Refused) => void): void {
  listeners.add(then);
}

/** What to show of whatever went wrong. */
export function saysOf(failure: unknown): string[] {
  return failure instanceof Refused ? failure.says : [String(failure)];
}

/** The token that requests which change something carry; it changes at sign-in, so it is read each time. */
function csrf(): string {
  return /(?:^|; )(?:__Host-)?bittern-token=([^;]*)/.exec(document.cookie)?.[1] ?? '';
}

/** The same for a browser that has none, as after a sign-out: the next answer brings one. */
async function token(): Promise<string> {
  if (!csrf()) await fetch('/api/session');
  return csrf();
}

async function answer<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T;
  if (response.ok) {
    const text = await response.text();
    const json = response.headers.get('Content-Type')?.includes('json');
    return (json && text ? JSON.parse(text) : text) as T;
  }
  const body: unknown = await response.json().catch(() => undefined);
  const detail = (body ?? {}) as { says?: string[]; detail?: string; clashes?: ClashView[]; needs?: string };
  const said = detail.says ?? (detail.detail ? [detail.detail] : []);
  const refused = new Refused(
    response.status,
    said.length ? said : [`The server answered ${response.status}. Try again.`],
    detail.clashes,
    detail.needs,
  );
  listeners.forEach((then) => then(refused));
  throw refused;
}

type Value = string | number | boolean | null | undefined;

export interface Options {
  /** A list gives a parameter several times; what is not given is left out. */
  query?: Record<string, Value | string[]>;
  /** Text goes as it is, anything else as JSON. */
  body?: unknown;
  signal?: AbortSignal;
}

function search(query: Options['query']): string {
  const search = new URLSearchParams();
  for (const [name, value] of Object.entries(query ?? {})) {
    for (const one of Array.isArray(value) ? value : [value]) {
      if (one !== undefined && one !== null) search.append(name, String(one));
    }
  }
  const text = search.toString();
  return text ? '?' + text : '';
}

/** Asks an endpoint; the functions of endpoints.ts say which there are. */
export async function send<T>(method: string, path: string, options: Options): Promise<T> {
  const { query, body, signal } = options;
  const text = typeof body === 'string';
  const headers: Record<string, string> = { Accept: 'application/json, text/plain' };
  if (body !== undefined) headers['Content-Type'] = text ? 'text/plain' : 'application/json';
  let response: Response;
  try {
    if (method !== 'GET') headers['X-XSRF-TOKEN'] = await token();
    response = await fetch('/api' + path + search(query), {
      method,
      headers,
      body: body === undefined ? undefined : text ? body : JSON.stringify(body),
      signal,
    });
  } catch (failure) {
    if (signal?.aborted) throw failure;
    throw new Refused(0, ['The server cannot be reached. What you typed is still here; try again.']);
  }
  return answer<T>(response);
}
