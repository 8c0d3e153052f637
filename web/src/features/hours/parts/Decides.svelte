<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import type { ReachedBy, UseView } from '../../../lib/api/types';
  import NumbersReached from '../../reached/NumbersReached.svelte';

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
    <NumbersReached {numbers} />
  {/if}
</section>
