import { beforeEach, describe, expect, it, vi } from 'vitest';
import { send } from '../lib/api/client';
import { browser } from '../testing/browser';

browser();
const { session } = await import('./session.svelte');

const answers = vi.fn<(path: string) => Promise<Response>>();

function json(status: number, body: unknown): Promise<Response> {
  return Promise.resolve(
    new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } }),
  );
}

async function signedIn(): Promise<void> {
  answers.mockImplementation(() => json(200, { name: 'technician' }));
  await session.signIn('technician', 'right');
}

beforeEach(async () => {
  vi.stubGlobal('fetch', answers);
  await signedIn();
});

describe('a session that has ended', () => {
  it('is noticed by whatever is refused for it, and the name stays: so does the screen', async () => {
    answers.mockImplementation(() => json(401, { says: ['Sign in first.'] }));
    await expect(send('GET', '/sites/saltreach/draft/find', {})).rejects.toThrow('Sign in first.');
    expect([session.ended, session.name]).toEqual([true, 'technician']);
    await signedIn();
    expect(session.ended).toBe(false);
  });

  it('is asked about where a token is refused, which may have another cause', async () => {
    answers.mockImplementation((path) =>
      path.endsWith('/session') ? json(200, { name: 'technician' }) : json(403, { says: ['Not allowed.'] }),
    );
    await expect(send('POST', '/edits', {})).rejects.toThrow('Not allowed.');
    await vi.waitFor(() => expect(answers).toHaveBeenLastCalledWith('/api/session', expect.anything()));
    expect(session.ended).toBe(false);
    answers.mockImplementation((path) =>
      path.endsWith('/session') ? json(200, {}) : json(403, { says: ['Not allowed.'] }),
    );
    await expect(send('POST', '/edits', {})).rejects.toThrow('Not allowed.');
    await vi.waitFor(() => expect(session.ended).toBe(true));
  });

  it('is nothing to a page on which nobody has signed in', async () => {
    answers.mockImplementation(() => new Response(null, { status: 204 }) as unknown as Promise<Response>);
    await session.signOut();
    answers.mockImplementation(() => json(401, { says: ['Name or password is wrong.'] }));
    await expect(session.signIn('technician', 'wrong')).rejects.toThrow('wrong');
    expect(session.ended).toBe(false);
  });

  it('is not asked about where the server cannot be reached: the screen stays as it is', async () => {
    answers.mockImplementation((path) =>
      path.endsWith('/session')
        ? Promise.reject(new TypeError('fetch failed'))
        : json(403, { says: ['No.'] }),
    );
    await expect(send('POST', '/edits', {})).rejects.toThrow('No.');
    await vi.waitFor(() => expect(answers).toHaveBeenLastCalledWith('/api/session', expect.anything()));
    expect([session.ended, session.name]).toEqual([false, 'technician']);
  });
});

describe('who is signed in', () => {
  it('has to choose a password first where the account was made by somebody else', async () => {
    answers.mockImplementation(() => json(200, { name: 'Ines', mustChange: true, everySite: false }));
    await session.signIn('Ines', 'first');
    expect([session.name, session.mustChange, session.everySite]).toEqual(['Ines', true, false]);
    await session.choosePassword('first', 'quay lantern otter 41');
    expect(session.mustChange).toBe(false);
  });

  it('finds the page as it was after signing in again; somebody else finds nothing of theirs', async () => {
    const left = vi.mocked(location.assign);
    answers.mockImplementation(() => json(200, { name: 'Ines' }));
    await session.signIn('Ines', 'right');
    left.mockClear();
    sessionStorage.setItem('typed', 'half a name');
    answers.mockImplementation(() => Promise.resolve(new Response(null, { status: 204 })));
    await session.signOut();
    answers.mockImplementation(() => json(200, { name: 'Ines' }));
    await session.signIn('Ines', 'right');
    expect(left).not.toHaveBeenCalled();
    expect(sessionStorage.getItem('typed')).toBe('half a name');
    answers.mockImplementation(() => json(200, { name: 'Odd' }));
    await session.signIn('Odd', 'right');
    expect(left).toHaveBeenCalledExactlyOnceWith('/');
    expect(sessionStorage.getItem('typed')).toBeNull();
  });

  it('is nobody after a sign-out, and somebody else after the next sign-in', async () => {
    answers.mockImplementation(() => Promise.resolve(new Response(null, { status: 204 })));
    await session.signOut();
    expect(session.name).toBeUndefined();
    answers.mockImplementation(() => json(200, { name: 'Odd', mustChange: false, everySite: true }));
    await session.signIn('Odd', 'right', '123456');
    expect([session.name, session.everySite]).toEqual(['Odd', true]);
    const body = answers.mock.calls.map((call) => (call as unknown[])[1] as RequestInit).at(-1)?.body;
    expect(JSON.parse(body as string)).toEqual({ name: 'Odd', password: 'right', code: '123456' });
  });
});
