/** Where we are: the path and the query of the address, kept in step with the browser's history. */
class Address {
  path = $state(location.pathname);
  query = $state.raw(new URLSearchParams(location.search));

  constructor() {
    window.addEventListener('popstate', () => this.#read());
  }

  /** Goes to another page; the bench in the query comes along. */
  go(path: string): void {
    history.pushState(null, '', path + suffix(this.query));
    this.#read();
  }

  /** Changes the query in place: the bench is no page of its own. */
  keep(query: URLSearchParams): void {
    history.replaceState(null, '', this.path + suffix(query));
    this.query = query;
  }

  #read(): void {
    this.path = location.pathname;
    this.query = new URLSearchParams(location.search);
  }
}

function suffix(query: URLSearchParams): string {
  const text = query.toString();
  return text ? '?' + text : '';
}

export const address = new Address();

/** The pages; an outline's number is the part after its path. */
export type Page =
  { name: 'overview' } | { name: 'numbers' } | { name: 'outline'; number: string } | { name: 'missing' };

export function pageOf(path: string): Page {
  const [first, second] = path.split('/').filter(Boolean);
  if (!first) return { name: 'overview' };
  if (first === 'numbers' && !second) return { name: 'numbers' };
  if (first === 'outline') return { name: 'outline', number: decodeURIComponent(second ?? '') };
  return { name: 'missing' };
}

export function outlineOf(number: string): string {
  return '/outline/' + encodeURIComponent(number);
}

/** Follows links inside the application without loading it again. */
export function follow(event: MouseEvent): void {
  if (event.defaultPrevented || event.button !== 0 || event.metaKey || event.ctrlKey || event.shiftKey)
    return;
  const link = (event.target as Element).closest('a[href^="/"]');
  if (!link) return;
  event.preventDefault();
  address.go(new URL((link as HTMLAnchorElement).href).pathname);
}
