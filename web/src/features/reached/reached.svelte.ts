import { address } from '../../app/address.svelte';
import { askPlan } from '../../app/queries.svelte';
import * as api from '../../lib/api/endpoints';

/** Asks who comes to an object, and for a call that does. */
export function askReached(object: () => string, on: () => boolean = () => true) {
  return askPlan(() => {
    const [kind = '', key = ''] = object().split('/');
    return {
      key: ['reached', kind, key],
      ask: (signal) => api.reached(address.site, address.plan, kind, key, signal),
      on: on(),
      beside: true,
    };
  });
}
