import { askServer } from '../../app/queries.svelte';
import * as api from '../../lib/api/endpoints';
import type { KindView } from '../../lib/api/types';

/** All kinds of object and their fields, asked for once; to be called where a component begins. */
export function kinds() {
  const query = askServer(() => ({ key: ['kinds'], ask: (signal) => api.kinds(signal) }));
  return {
    get all(): KindView[] {
      return query.data ?? [];
    },
    of(kind: string): KindView | undefined {
      return query.data?.find((one) => one.kind === kind);
    },
  };
}
