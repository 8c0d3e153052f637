import { address } from '../../app/address.svelte';
import { site } from '../../app/site.svelte';
import { api, Refused } from '../../lib/api/client';
import type { BenchText, CallView } from '../../lib/api/types';

const ANYBODY = '+447700900123';

/** Steps a time of the site's clock, `2026-11-24T10:15`, by minutes; a clock without a zone, as in UTC. */
export function stepped(at: string, minutes: number): string {
  const time = Date.parse(at + 'Z');
  return Number.isNaN(time) ? at : new Date(time + minutes * 60_000).toISOString().slice(0, 16);
}

/** The conditions of the call under test, kept in the address, and what the call does. */
class Bench {
  call = $state.raw<CallView | undefined>();
  problems = $state.raw<string[]>([]);
  #asked: AbortController | undefined;

  from = $derived(address.query.get('from') ?? ANYBODY);
  at = $derived(address.query.get('at') ?? site.view?.now ?? '');
  keys = $derived(address.query.get('keys') ?? '');
  phones = $derived(address.query.getAll('phone'));
  /** What a witness sets and the bar does not show yet: switches turned, agents logged in, callers waiting. */
  others = $derived(
    ['turned', 'agent', 'waiting'].flatMap((name) =>
      address.query.getAll(name).map((value): [string, string] => [name, value]),
    ),
  );

  /** The bench as the server reads it, without the number called. */
  query = $derived.by(() => {
    const query = new URLSearchParams({ from: this.from, at: this.at, keys: this.keys });
    this.phones.forEach((phone) => query.append('phone', phone));
    this.others.forEach(([name, value]) => query.append(name, value));
    return query.toString();
  });

  set(field: 'from' | 'at' | 'keys', value: string): void {
    const query = new URLSearchParams(address.query);
    query.set(field, value);
    address.keep(query);
  }

  setPhone(number: string, state: string): void {
    const query = new URLSearchParams(address.query);
    const others = this.phones.filter((phone) => !phone.startsWith(number + '='));
    query.delete('phone');
    others.forEach((phone) => query.append('phone', phone));
    if (state !== 'silent') query.append('phone', `${number}=${state}`);
    address.keep(query);
  }

  phone(number: string): string {
    return this.phones.find((phone) => phone.startsWith(number + '='))?.slice(number.length + 1) ?? 'silent';
  }

  /** Takes over a whole bench, such as a finding's witness. */
  take(bench: BenchText): void {
    const query = new URLSearchParams({ from: bench.from, at: bench.at, keys: bench.keys });
    bench.phones.forEach((phone) => query.append('phone', phone));
    bench.switches.forEach((turned) => query.append('turned', turned));
    bench.agents.forEach((agent) => query.append('agent', agent));
    bench.waiting.forEach((line) => query.append('waiting', line));
    address.keep(query);
  }

  /** Asks what the call does; an answer that has been overtaken is dropped. */
  async trace(to: string, query: string): Promise<void> {
    this.#asked?.abort();
    const asked = new AbortController();
    this.#asked = asked;
    try {
      const path = site.path(`/trace?to=${encodeURIComponent(to)}&${query}`);
      this.call = await api.get<CallView>(path, asked.signal);
      this.problems = [];
    } catch (failure) {
      if (asked.signal.aborted) return;
      this.problems = failure instanceof Refused ? failure.says : [String(failure)];
    }
  }
}

export const bench = new Bench();
