<script lang="ts">
  import type { ScoreView } from '../../../lib/api/types';
  import Dialog from '../../../lib/ui/Dialog.svelte';

  /** What agents of a queue dial, as a card to hand out. */
  let { open = $bindable(), score }: { open: boolean; score: ScoreView } = $props();

  const text = $derived(
    [
      score.title,
      ...score.codes.map((code) => `${code.number}\t${code.does}${code.pin ? ', then your PIN' : ''}`),
    ].join('\n'),
  );
  let copied = $state(false);
</script>

<Dialog bind:open title="{score.title}: what agents dial" onclosed={() => (copied = false)}>
  {#if score.codes.length}
    <dl class="grid grid-cols-[6rem_1fr] gap-y-1 border border-line p-3 text-base">
      {#each score.codes as code (code.number + code.does)}
        <dt class="font-mono font-semibold">{code.number}</dt>
        <dd>{code.does}{code.pin ? ', then your PIN' : ''}</dd>
      {/each}
    </dl>
    <p class="no-print mt-2 flex justify-end gap-2">
      <button
        class="plain"
        onclick={() => void navigator.clipboard.writeText(text).then(() => (copied = true))}
        >{copied ? 'Copied' : 'Copy'}</button
      >
      <button class="primary" onclick={() => window.print()}>Print</button>
    </p>
  {:else}
    <p>No code logs in to this queue or out of it: its agents are always in.</p>
  {/if}
</Dialog>
