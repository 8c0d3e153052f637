import type { Edited, SiteView } from '../lib/api/types';

/** The demo site at a version of its draft. */
export function version(number: number): SiteView {
  return { key: 'saltreach', version: number } as SiteView;
}

/** What the server answers to an edit: the plan with it. */
export function kept(number: number, says = ''): Edited {
  return { version: number, says, plan: version(number) };
}
