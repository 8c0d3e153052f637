import { untrack } from 'svelte';

/**
 * What Enter takes in a list that is found: the first of what is there, whenever it has come, unless somebody has gone
 * to another; to be called where a component begins.
 */
export function marked(values: () => string[]): { value: string } {
  let value = $state('');
  $effect(() => {
    const all = values();
    if (!all.includes(untrack(() => value))) value = all[0] ?? '';
  });
  return {
    get value() {
      return value;
    },
    set value(next: string) {
      value = next;
    },
  };
}
