import { address } from '../../app/address.svelte';
import { askPlan } from '../../app/queries.svelte';
import { site } from '../../app/site.svelte';
import * as api from '../../lib/api/endpoints';
import type { FindingView } from '../../lib/api/types';

/** Most findings are known after so many milliseconds; for others the server tells when they are. */
const WAIT = 400;

/** The findings of the plan that is open, as far as they are known; to be called where a component begins. */
export function findings() {
  const query = askPlan(() => ({
    key: ['findings'],
    ask: (signal) => api.findings(address.site, address.plan, { wait: WAIT }, signal),
    beside: true,
  }));
  return {
    get all(): FindingView[] {
      return query.data?.findings ?? [];
    },
    /** Whether those of this very plan are known, and not only those of an earlier version. */
    get known(): boolean {
      return query.data?.current ?? false;
    },
    get done(): number {
      return query.data?.done ?? 0;
    },
    get of(): number {
      return query.data?.of ?? 0;
    },
  };
}

/** The mark that stands beside a severity's word. */
export const MARKS = { blocking: '✕', warning: '!', hint: '·' } as const;

/** Mends what was found in one of the ways that are offered. */
export function fix(finding: FindingView, title: string): void {
  site
    .change({ fix: { code: finding.code, object: finding.object, field: finding.field ?? '', title } })
    .catch(site.fail.bind(site));
}
