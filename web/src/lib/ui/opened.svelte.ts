import { untrack } from 'svelte';

/**
 * Does something each time that something is opened, and not when what it is made of is known anew: what has been typed
 * since would be lost. To be called where a component begins.
 */
export function whenOpened(open: () => boolean, then: () => void): void {
  $effect(() => {
    if (open()) untrack(then);
  });
}
