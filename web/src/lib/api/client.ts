/** What the server refused, with a sentence for each reason. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    readonly says: string[],
  ) {
    super(says.join(' '));
  }
}

/** The token that requests which change something carry; it changes at sign-in, so it is read each time. */
function csrf(): string {
  return /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '';
}

async function answer<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T;
  const body: unknown = await response.json().catch(() => undefined);
  if (response.ok) return body as T;
  const detail = (body ?? {}) as { says?: string[]; detail?: string };
  const said = detail.says ?? (detail.detail ? [detail.detail] : []);
  throw new Refused(
    response.status,
    said.length ? said : [`The server answered ${response.status}. Try again.`],
  );
}

async function send<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
  const text = typeof body === 'string';
  const headers: Record<string, string> = { Accept: 'application/json' };
  if (method !== 'GET') headers['X-XSRF-TOKEN'] = csrf();
  if (body !== undefined) headers['Content-Type'] = text ? 'text/plain' : 'application/json';
  let response: Response;
  try {
    response = await fetch('/api' + path, {
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

export const api = {
  get: <T>(path: string, signal?: AbortSignal) => send<T>('GET', path, undefined, signal),
  post: <T>(path: string, body?: unknown) => send<T>('POST', path, body),
  remove: <T>(path: string) => send<T>('DELETE', path),
};
