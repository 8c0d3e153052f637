import { address } from '../../app/address.svelte';
import { site } from '../../app/site.svelte';
import { turns } from '../../app/turns';
import { saysOf } from '../../lib/api/client';
import * as api from '../../lib/api/endpoints';
import type { BenchText, CallView } from '../../lib/api/types';

const ANYBODY = '+447700900123';

/** Steps a time of the site's clock, `2026-11-24T10:15`, by minutes; a clock without a zone, as in UTC. */
export function stepped(at: string, minutes: number): string {
  const time = Date.parse(at + 'Z');
  return Number.isNaN(time) ? at : new Date(time + minutes * 60_000).toISOString().slice(0, 16);
}

/** The lists of the bench, as an address names them. */
export type List = 'phone' | 'turned' | 'agent' | 'waiting';

/** A whole bench as an address carries it; of who calls nothing where nothing is said. */
export function queryOf(bench: BenchText): URLSearchParams {
  const query = new URLSearchParams({ to: bench.to, at: bench.at, keys: bench.keys });
  if (bench.from) query.set('from', bench.from);
  bench.phones.forEach((phone) => query.append('phone', phone));
  bench.switches.forEach((turned) => query.append('turned', turned));
  bench.agents.forEach((agent) => query.append('agent', agent));
  bench.waiting.forEach((line) => query.append('waiting', line));
  return query;
}

/** The conditions of the call under test, kept in the address, and what the call does. */
class Bench {
  call = $state.raw<CallView | undefined>();
  problems = $state.raw<string[]>([]);
  #asked: AbortController | undefined;

  /** The number called: the one whose outline it is, else the one of the bench, else the site's first. */
  to = $derived(
    (address.screen === 'outline' && address.rest.length === 1 ? address.rest[0] : undefined) ??
      address.query.get('to') ??
      site.view?.number ??
      '',
  );
  from = $derived(address.query.get('from') ?? ANYBODY);
  /** The phone of the site that calls, `extension/2014`; then what is called is what it dials. */
  phone = $derived(this.from.startsWith('extension/') ? this.from : undefined);
  at = $derived(address.query.get('at') ?? site.view?.now ?? '');
  keys = $derived(address.query.get('keys') ?? '');
  phones = $derived(address.query.getAll('phone'));
  /** Switches that stand otherwise than in the plan, `timetable=reduced`. */
  turned = $derived(address.query.getAll('turned'));
  /** Where agents are, `2012=in`. */
  agents = $derived(address.query.getAll('agent'));
  /** What is found in queues, mailboxes and trunks, `bookings=full then 2`, `trunk/main=down`. */
  waiting = $derived(address.query.getAll('waiting'));

  /** The bench as the server reads it, without the number called. */
  query = $derived({
    from: this.from,
    at: this.at,
    keys: this.keys,
    phone: this.phones,
    turned: this.turned,
    agent: this.agents,
    waiting: this.waiting,
  });

  set(field: 'to' | 'from' | 'at' | 'keys', value: string): void {
    const query = new URLSearchParams(address.query);
    query.set(field, value);
    address.keep(query);
  }

  /** What one phone, switch, agent or queue is set to; nothing where it is as usual. */
  of(list: List, name: string): string | undefined {
    return this.all(list)
      .find((one) => one.startsWith(name + '='))
      ?.slice(name.length + 1);
  }

  all(list: List): string[] {
    return address.query.getAll(list);
  }

  /** Sets one phone, switch, agent or queue; nothing puts it back to what is usual. */
  put(list: List, name: string, state: string): void {
    const query = new URLSearchParams(address.query);
    const others = query.getAll(list).filter((one) => !one.startsWith(name + '='));
    query.delete(list);
    others.forEach((one) => query.append(list, one));
    if (state) query.append(list, `${name}=${state}`);
    address.keep(query);
  }

  /** Takes over a whole bench, such as a finding's witness. */
  take(bench: BenchText): void {
    address.keep(queryOf(bench));
  }

  /** Asks what the call does; an answer that has been overtaken is dropped. */
  async trace(to: string, query: Bench['query']): Promise<void> {
    this.#asked?.abort();
    const asked = new AbortController();
    this.#asked = asked;
    try {
      this.call = await turns.first(() =>
        api.trace(address.site, address.plan, { to, ...query }, asked.signal),
      );
      this.problems = [];
    } catch (failure) {
      if (asked.signal.aborted) return;
      this.problems = saysOf(failure);
    }
  }
}

export const bench = new Bench();
