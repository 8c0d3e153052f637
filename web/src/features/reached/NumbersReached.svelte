<script lang="ts">
  import { address } from '../../app/address.svelte';
  import type { ReachedBy } from '../../lib/api/types';
  import { span } from '../../lib/clock';

  /** The numbers whose calls come to something, when, and after how long. */
  let { numbers, few = 8 }: { numbers: ReachedBy[]; few?: number } = $props();
</script>

{#each numbers.slice(0, few) as one, index (index)}
  <p class="mt-1">
    <a class="link" href={address.to('outline', one.number)}>{one.title}</a>
    <span class="text-muted">{one.when}</span>
    <span class="font-mono text-[13px] whitespace-nowrap text-muted"
      >{one.latest === undefined
        ? `from ${span(one.earliest, one.earliest)}`
        : span(one.earliest, one.latest)}</span
    >
  </p>
{/each}
{#if numbers.length > few}<p class="mt-1 text-muted">and {numbers.length - few} more</p>{/if}
