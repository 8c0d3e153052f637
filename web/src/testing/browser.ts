import { vi } from 'vitest';

/** What modules ask of a browser when they are loaded; to be called before they are, by a dynamic import. */
export function browser(path = '/', search = ''): void {
  const location = { pathname: path, search, origin: 'http://bittern.test', assign: vi.fn() };
  vi.stubGlobal('location', location);
  vi.stubGlobal('window', { addEventListener: () => undefined, location });
  vi.stubGlobal('document', { cookie: 'bittern-token=token-1', addEventListener: () => undefined });
  vi.stubGlobal('history', {
    state: null,
    replaceState: (_state: unknown, _title: string, to: string) => {
      [location.pathname = '', location.search = ''] = to.split(/(?=\?)/);
    },
  });
  const kept = new Map<string, string>();
  vi.stubGlobal('sessionStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => {
      if (text.length > ROOM) throw new DOMException('no room', 'QuotaExceededError');
      kept.set(key, text);
    },
    removeItem: (key: string) => kept.delete(key),
    clear: () => kept.clear(),
  });
}

/** So many characters this browser keeps of one text. */
export const ROOM = 5000;
