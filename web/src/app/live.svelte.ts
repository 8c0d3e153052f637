import type { Query } from '@tanstack/svelte-query';
import type { EventEdited, EventExamining, EventHello } from '../lib/api/types';
import { address } from './address.svelte';
import { hear } from './hearing';
import { queries } from './queries.svelte';
import { site } from './site.svelte';
import type { Heard } from './stream';

/** So long what somebody else has just changed is marked with the name. */
const MARKED = 8000;

/** Whether an answer holds findings of an earlier version than it was asked for. */
function behind(query: Query): boolean {
  const data = query.state.data;
  return typeof data === 'object' && data !== null && 'current' in data && data.current === false;
}

/**
 * Asks again what has become old. An answer that is on its way just now may be old too, and is not asked for a second
 * time by being called old: that waits until it is here.
 */
function askAgain(old: (query: Query) => boolean): void {
  const renew = (query: Query) => void queries.invalidateQueries({ queryKey: query.queryKey, exact: true });
  const all = queries.getQueryCache();
  const under = new Set(all.findAll({ fetchStatus: 'fetching' }));
  all.findAll({ predicate: old, fetchStatus: 'idle' }).forEach(renew);
  const stop = all.subscribe(({ type, query }) => {
    const settled = type === 'removed' || (type === 'updated' && query.state.fetchStatus === 'idle');
    if (settled && under.delete(query) && old(query)) renew(query);
    if (under.size === 0) stop();
  });
  if (under.size === 0) stop();
}

/** What the server tells of the site that is open, as it happens. */
class Live {
  /** Who else has it open. */
  people = $state.raw<string[]>([]);
  /** Whether the server tells us: if not, what is shown may be old. */
  connected = $state(true);
  /** How far the search for findings is. */
  examining = $state.raw<EventExamining | undefined>();
  /** Who has just changed which object. */
  changed = $state.raw<ReadonlyMap<string, string>>(new Map());
  #session = '';

  /** Listens until what it gives back is called. */
  listen(name: string, plan: string): () => void {
    return hear(name, (heard) => this.#heard(heard, plan));
  }

  #heard(heard: Heard, plan: string): void {
    switch (heard.event) {
      case 'connected':
        this.connected = heard.what;
        break;
      case 'hello':
        this.#greeted(heard.what, plan);
        break;
      case 'edited':
        this.#edited(heard.what);
        break;
      case 'examining':
        this.#examined(heard.what);
        break;
      case 'told':
        askAgain((one) => one.queryKey.includes('journal'));
        break;
      case 'people':
        this.people = heard.what.accounts;
        break;
      case 'sites':
        void site.refresh();
        break;
    }
  }

  #greeted(hello: EventHello, plan: string): void {
    this.#session = hello.session;
    // What happened before we listened nobody has told us.
    askAgain(behind);
    if (plan === 'draft' && site.version !== undefined && hello.version !== site.version) void site.refresh();
  }

  #edited(edited: EventEdited): void {
    if (address.plan !== 'draft') return;
    if (site.version === undefined || edited.version <= site.version) return;
    if (edited.session !== this.#session) this.#mark(edited);
    void site.hear(edited.version);
  }

  #mark(edited: EventEdited): void {
    const marked = new Map(this.changed);
    edited.objects.forEach((object) => marked.set(object, edited.account));
    this.changed = marked;
    site.tell(`${edited.account}: ${edited.says}`);
    setTimeout(() => {
      const left = new Map(this.changed);
      edited.objects.forEach((object) => left.delete(object));
      this.changed = left;
    }, MARKED);
  }

  #examined(examining: EventExamining): void {
    if (examining.draft !== (address.plan === 'draft')) return;
    this.examining = examining.done < examining.of ? examining : undefined;
    if (examining.done === examining.of) askAgain(behind);
  }
}

export const live = new Live();
