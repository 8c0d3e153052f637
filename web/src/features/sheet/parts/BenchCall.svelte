<script lang="ts">
  import { clock } from '../../../lib/clock';
  import { bench } from '../../bench/bench.svelte';
  import Strip from '../../outline/parts/Strip.svelte';

  /**
   * What the object does to the call on the bench: the stretch of the call that is spent in it, or in what it is used in.
   */
  let { objects, title, passed }: { objects: string[]; title: string; passed: boolean } = $props();

  let hovered = $state<number>();
  const steps = $derived(bench.call?.trace.steps ?? []);
  const here = $derived(
    steps.flatMap((step, index) => (objects.includes(step.object) ? [{ step, index }] : [])),
  );
</script>

<section class="px-5 py-3" aria-label="The call on the bench">
  <h2 class="font-semibold">What it does to the call on the bench</h2>
  {#if !bench.to}
    <p class="text-muted">No inbound number yet, and so no call on the bench.</p>
  {:else if !bench.call}
    <p class="text-muted">Following the call.</p>
  {:else if here.length}
    {#each here as one (one.index)}
      <p class="mt-1"><span class="font-mono text-water">{clock(one.step.second)}</span> {one.step.what}</p>
      <ul class="ml-4">
        {#each one.step.why.filter((why) => why.held) as why, index (index)}
          <li class="text-muted">{why.rule}: {why.because}</li>
        {/each}
      </ul>
    {/each}
  {:else}
    <p class="text-muted">
      The call on the bench {passed
        ? `does not come to ${title}`
        : `comes to nothing that ${title} is used in`}.
    </p>
  {/if}
</section>
{#if here.length}<Strip bind:hovered mark={here.map((one) => one.index)} />{/if}
