import { address } from '../../app/address.svelte';
import * as api from '../../lib/api/endpoints';
import type { ListRow, ListView } from '../../lib/api/types';
import { Windows } from './windows.svelte';

/** What a list of objects shows: which kind, in which order, with which columns. */
export interface Wanted {
  kind: string;
  find: string;
  order: string;
  descending: boolean;
  columns: string[];
}

/** All objects of a kind. */
export class ObjectRows extends Windows<Wanted, ListRow, ListView> {
  constructor() {
    super('objects', 200);
  }

  protected ask(wanted: Wanted, from: number, rows: number, signal: AbortSignal): Promise<ListView> {
    const { kind, find, order, descending, columns } = wanted;
    const query = { find, order: order || undefined, descending, from, rows, column: columns };
    return api.objects(address.site, address.plan, kind, query, signal);
  }
}
