/** What of the query belongs to the bench: it goes along with every link. The rest is the screen's own. */
const BENCH = ['to', 'from', 'at', 'keys', 'phone', 'turned', 'agent', 'waiting'];

/** Where we are: path and query, kept in step with the router and the browser's history. */
class Address {
  path = $state(location.pathname);
  query = $state.raw(new URLSearchParams(location.search));

  #steps = $derived(this.path.split('/').filter(Boolean).map(decoded));
  /** The site that the address is of. */
  site = $derived(this.#steps[0] === 's' ? (this.#steps[1] ?? '') : '');
  /** Its draft, what is live, or the number of a release. */
  plan = $derived(this.#steps[0] === 's' ? (this.#steps[2] ?? 'draft') : 'draft');
  screen = $derived(this.#steps[3] ?? 'overview');
  /** What stands behind the screen: a number, or kind and key. */
  rest = $derived(this.#steps.slice(4));

  /** Reads the address again: the router has gone somewhere. */
  read(): void {
    this.path = location.pathname;
    this.query = new URLSearchParams(location.search);
  }

  /** Changes the query in place: neither bench nor filter is a page of its own. */
  keep(query: URLSearchParams): void {
    history.replaceState(history.state, '', this.path + suffix(query));
    this.query = query;
  }

  /** Sets a parameter of the screen's own, or takes it away. */
  set(name: string, value: string): void {
    const query = new URLSearchParams(this.query);
    if (value) query.set(name, value);
    else query.delete(name);
    this.keep(query);
  }

  #bench = $derived.by(() => {
    const bench = new URLSearchParams();
    for (const [name, value] of this.query) if (BENCH.includes(name)) bench.append(name, value);
    return bench;
  });

  /** An address in the plan that is open, with the bench; within one screen with its filters too. */
  to(screen: string, ...rest: string[]): string {
    return this.in(this.site, this.plan, screen, ...rest);
  }

  in(site: string, plan: string, screen: string, ...rest: string[]): string {
    const steps = [site, plan, ...(screen === 'overview' ? [] : [screen]), ...rest].map(encodeURIComponent);
    const same = screen === this.screen && site === this.site;
    return '/s/' + steps.join('/') + suffix(same ? this.query : this.#bench);
  }
}

function decoded(step: string): string {
  try {
    return decodeURIComponent(step);
  } catch {
    return step;
  }
}

function suffix(query: URLSearchParams): string {
  const text = query.toString();
  return text ? '?' + text : '';
}

export const address = new Address();
