<script lang="ts">
  import { showCall } from '../../app/links';
  import { clock } from '../../lib/clock';
  import { bench } from '../bench/bench.svelte';
  import { askReached } from './reached.svelte';

  /** What the call on the bench does at an object, and why; else a way to one that comes there. */
  let { object }: { object: string } = $props();

  const reached = askReached(() => object);
  const here = $derived(bench.call?.trace.steps.find((step) => step.object === object));
</script>

<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">The call on the bench</h3>
  {#if here}
    <p class="mt-1"><span class="font-mono text-water">{clock(here.second)}</span> {here.what}</p>
    {#each here.why.filter((why) => why.held) as why, index (index)}
      <p class="text-[13px] text-muted">{why.rule}: {why.because}</p>
    {/each}
  {:else}
    <p class="mt-1 text-muted">
      does not come here.
      {#if reached.data?.bench}<button
          class="link"
          onclick={() => reached.data?.bench && showCall(reached.data.bench)}>Show one that does</button
        >{/if}
    </p>
  {/if}
</section>
