<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { sheetOf } from '../../../app/links';
  import type { ReachedBy, UseView } from '../../../lib/api/types';
  import { span } from '../../../lib/clock';

  /** Where hours or a switch decide something, and the numbers whose calls come there. */
  let { decides, numbers }: { decides: UseView[]; numbers: ReachedBy[] } = $props();

  const FEW = 8;
  let all = $state(false);
</script>

<section class="mt-3 border-t border-line pt-3">
  <h2 class="font-semibold">Decides in</h2>
  {#each all ? decides : decides.slice(0, FEW) as use (use.object + use.at)}
    <p class="mt-1">
      <a class="link" href={sheetOf(use.object)}>{use.title}</a>
      <span class="text-muted">{use.kind}, {use.field}</span>
    </p>
  {:else}
    <p class="mt-1 text-muted">nothing: no route, branch or alarm asks it</p>
  {/each}
  {#if decides.length > FEW && !all}
    <button class="link mt-1" onclick={() => (all = true)}>all {decides.length}</button>
  {/if}
  {#if numbers.length}
    <h2 class="mt-3 font-semibold">For calls to</h2>
    {#each numbers.slice(0, FEW) as one, index (index)}
      <p class="mt-1">
        <a class="link" href={address.to('outline', one.number)}>{one.title}</a>
        <span class="text-muted">{one.when}</span>
        <span class="font-mono text-[13px] text-muted"
          >{one.latest === undefined
            ? `from ${span(one.earliest, one.earliest)}`
            : span(one.earliest, one.latest)}</span
        >
      </p>
    {/each}
    {#if numbers.length > FEW}<p class="mt-1 text-muted">and {numbers.length - FEW} more</p>{/if}
  {/if}
</section>
