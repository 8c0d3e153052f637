import type { BenchText } from '../lib/api/types';
import { bench } from '../features/bench/bench.svelte';
import { address } from './address.svelte';
import { splitRef } from './refs';
import { navigate } from './routes';
import { screenFor } from './screens';

/** The address of an object's sheet. */
export function sheetOf(object: string): string {
  const [kind, key] = splitRef(object);
  return address.to(screenFor(kind).name, kind, key);
}

/** The address of a screen's list of a kind; without its filters, which are of another. */
export function listOf(screen: string, kind: string): string {
  const [path = '', query = ''] = address.to(screen).split('?');
  const search = new URLSearchParams(query);
  for (const name of ['kind', 'find', 'order', 'down']) search.delete(name);
  if (kind) search.set('kind', kind);
  return search.size ? `${path}?${search}` : path;
}

/** Goes to an address of ours. */
export function visit(to: string, replace = false): void {
  const url = new URL(to, location.origin);
  void navigate(url.pathname as '/', { search: url.search, replace });
}

/** Puts a call on the bench and opens the outline of its number. */
export function showCall(call: BenchText): void {
  bench.take(call);
  visit(address.to('outline', call.to));
}
