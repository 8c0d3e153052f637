import { address } from '../../app/address.svelte';
import { site } from '../../app/site.svelte';
import * as api from '../../lib/api/endpoints';
import type { KindView } from '../../lib/api/types';
import { creating } from './creating.svelte';

/** How what is made is put where it is to stand: its reference, or its key alone. */
export interface Place {
  object: string;
  at: string;
  byKey: boolean;
}

/**
 * Makes an object of a name and puts it in a place, as one edit; where its kind needs more than a name, that is asked
 * for first.
 */
export async function makeAt(kind: KindView, name: string, place: Place): Promise<void> {
  const fresh = await api.fresh(address.site, address.plan, kind.kind, { name });
  const needed = kind.fields.some((field) => field.needed) || fresh.key === '';
  const value = (key: string) => (place.byKey ? key : `${kind.kind}/${key}`);
  const put = (key: string) => ({ set: { object: place.object, field: place.at, value: value(key) } });
  if (needed) {
    creating.begin(kind.kind, {
      name,
      then: (made) => {
        site.change(put(made.slice(made.indexOf('/') + 1))).catch(site.fail.bind(site));
      },
    });
    return;
  }
  await site.change({ create: { object: `${kind.kind}/${fresh.key}`, body: fresh.body } }, put(fresh.key));
}
