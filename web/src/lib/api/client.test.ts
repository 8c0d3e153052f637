import { beforeEach, describe, expect, it, vi } from 'vitest';
import { browser } from '../../testing/browser';
import { Refused, saysOf, send } from './client';

const asked = vi.fn<(path: string, init: RequestInit) => Promise<Response>>();

function json(status: number, body: unknown): Response {
  return new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });
}

async function refusal(answer: Promise<unknown>): Promise<Refused> {
  const failure: unknown = await answer.then(
    () => undefined,
    (one: unknown) => one,
  );
  if (!(failure instanceof Refused)) throw new Error('it was not refused');
  return failure;
}

beforeEach(() => {
  browser();
  asked.mockReset();
  vi.stubGlobal('fetch', asked);
});

describe('a question to the server', () => {
  it('gives a list as several parameters and leaves out what is not given', async () => {
    asked.mockResolvedValue(json(200, { total: 1 }));
    const answer = await send('GET', '/sites', {
      query: { phone: ['2010=busy', '2011=off'], find: '', order: undefined, from: 0, descending: false },
    });
    expect(answer).toEqual({ total: 1 });
    expect(asked.mock.calls[0]?.[0]).toBe(
      '/api/sites?phone=2010%3Dbusy&phone=2011%3Doff&find=&from=0&descending=false',
    );
  });

  it('carries the token of the session where it changes something', async () => {
    asked.mockImplementation(() => Promise.resolve(new Response(null, { status: 204 })));
    expect(await send('POST', '/edits', { body: { wishes: [] } })).toBeUndefined();
    await send('GET', '/sites', {});
    const headers = asked.mock.calls.map(([, init]) => init.headers as Record<string, string>);
    expect(headers[0]).toMatchObject({ 'X-XSRF-TOKEN': 'token-1', 'Content-Type': 'application/json' });
    expect(headers[1]).not.toHaveProperty('X-XSRF-TOKEN');
  });

  it('asks for a token first where the browser has none, as after a sign-out', async () => {
    const page = { cookie: '' };
    vi.stubGlobal('document', page);
    asked.mockImplementation((path) => {
      if (path === '/api/session') page.cookie = 'bittern-mode=dark; __Host-bittern-token=token-2';
      return Promise.resolve(new Response(null, { status: 204 }));
    });
    await send('POST', '/session', { body: { name: 'technician', password: 'right' } });
    await send('POST', '/edits', {});
    expect(asked.mock.calls.map(([path, init]) => [path, (init as RequestInit | undefined)?.method])).toEqual(
      [
        ['/api/session', undefined],
        ['/api/session', 'POST'],
        ['/api/edits', 'POST'],
      ],
    );
    expect(asked.mock.calls[1]?.[1].headers).toMatchObject({ 'X-XSRF-TOKEN': 'token-2' });
  });

  it('that cannot even ask for a token comes to no server', async () => {
    vi.stubGlobal('document', { cookie: '' });
    asked.mockRejectedValue(new TypeError('fetch failed'));
    expect((await refusal(send('POST', '/edits', {}))).lost).toBe(true);
  });

  it('gives a plan file as the text that it is, both ways', async () => {
    asked.mockResolvedValue(new Response('bittern: 2\n', { headers: { 'Content-Type': 'text/plain' } }));
    expect(await send('POST', '/sites/file', { body: 'bittern: 2\n' })).toBe('bittern: 2\n');
    expect(asked.mock.calls[0]?.[1]).toMatchObject({ body: 'bittern: 2\n' });
  });

  it('that is refused says why, in the sentences of the server', async () => {
    asked.mockResolvedValue(json(422, { says: ['found 20; allowed is 20s.'], detail: 'other' }));
    const failure = await refusal(send('POST', '/edits', {}));
    expect(failure).toMatchObject({ status: 422, says: ['found 20; allowed is 20s.'], lost: false });
    expect(saysOf(failure)).toEqual(['found 20; allowed is 20s.']);
  });

  it('says so too where the answer is no sentence', async () => {
    asked.mockImplementation(() => Promise.resolve(new Response('<html>', { status: 502 })));
    expect((await refusal(send('GET', '/sites', {}))).says).toEqual(['The server answered 502. Try again.']);
  });

  it('of a draft that is changed meanwhile can be asked again; a clash says both values', async () => {
    const clash = { object: 'queue/bookings', theirs: '30 s' };
    asked.mockResolvedValue(json(409, { says: ['somebody else'], clashes: [clash] }));
    const failure = await refusal(send('GET', '/paths', {}));
    expect(failure.overtaken).toBe(true);
    expect(failure.clashes).toEqual([clash]);
  });

  it('that comes to no server says that nothing is lost', async () => {
    asked.mockRejectedValue(new TypeError('fetch failed'));
    const failure = await refusal(send('POST', '/edits', {}));
    expect(failure.lost).toBe(true);
    expect(failure.message).toContain('still here');
  });

  it('that nobody waits for any more is no failure of the server', async () => {
    const stop = new AbortController();
    stop.abort();
    asked.mockRejectedValue(new DOMException('stopped', 'AbortError'));
    await expect(send('GET', '/sites', { signal: stop.signal })).rejects.toThrow('stopped');
  });
});

describe('what went wrong', () => {
  it('is said, whatever it is', () => {
    expect(saysOf(new Error('a fault of ours'))).toEqual(['Error: a fault of ours']);
  });
});
