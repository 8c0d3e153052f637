import { createQuery, keepPreviousData, QueryClient } from '@tanstack/svelte-query';
import { Refused } from '../lib/api/client';
import { address } from './address.svelte';
import { site } from './site.svelte';
import { turns } from './turns';

const TRIES = 3;

/** What the server has said, by question: shown at once, asked again when the plan has another version. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: Infinity,
      gcTime: 5 * 60_000,
      refetchOnWindowFocus: false,
      // A server that is away comes back, and a changed draft can be asked about; what is refused is refused again.
      retry: (times, failure) =>
        failure instanceof Refused && (failure.lost || failure.overtaken) && times < TRIES,
      retryDelay: (times) => 400 * 2 ** times,
    },
  },
});

export interface Question<T extends object> {
  /** What is asked, apart from site, plan and version. */
  key: unknown[];
  ask: (signal: AbortSignal) => Promise<T>;
  /** Whether it is asked at all. */
  on?: boolean;
  /** Whether it stands beside what is looked at: once it has been answered, it is asked again after that. */
  beside?: boolean;
}

/** Asks something of the plan that is open, as it is by now; the answer before stays until the new one is there. */
export function askPlan<T extends object>(question: () => Question<T>) {
  // With nothing there yet it is looked at too.
  let answered = false;
  return createQuery(
    () => {
      const { key, ask, on = true, beside = false } = question();
      return {
        queryKey: [address.site, address.plan, site.version, ...key],
        queryFn: async ({ signal }: { signal: AbortSignal }) => {
          const now = () => ask(signal);
          const answer = await (beside && answered ? turns.second(now) : turns.first(now));
          answered = true;
          return answer;
        },
        enabled: on && site.version !== undefined,
        placeholderData: keepPreviousData,
      };
    },
    () => queries,
  );
}

/** Asks something that belongs to no plan; the answer before stays until the new one is there. */
export function askServer<T extends object>(question: () => Question<T>) {
  return createQuery(
    () => {
      const { key, ask, on = true } = question();
      return {
        queryKey: ['server', ...key],
        queryFn: ({ signal }) => ask(signal),
        enabled: on,
        placeholderData: keepPreviousData,
      };
    },
    () => queries,
  );
}
