<script lang="ts">
  import { sheetOf, showCall } from '../../../app/links';
  import { address } from '../../../app/address.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { ObjectView } from '../../../lib/api/types';
  import FindingNote from '../../findings/FindingNote.svelte';
  import JournalEntry from '../../journal/JournalEntry.svelte';
  import NumbersReached from '../../reached/NumbersReached.svelte';
  import { askReached } from '../../reached/reached.svelte';

  /** What stands beside a sheet: who comes here, where it is used, what is found, what was done to it. */
  interface Props {
    view: ObjectView;
    kind: string;
    /** Whether calls come to such an object; else it is used in those that they come to. */
    passed: boolean;
  }
  let { view, kind, passed }: Props = $props();

  const FEW = 8;
  const key = $derived(view.key);
  /** Whether calls come to it or to what it is used in; of a promise or a test call there is nothing to say. */
  const met = $derived(passed || view.uses.length > 0);
  const reached = askReached(
    () => `${kind}/${key}`,
    () => met,
  );
  const journal = askPlan(() => ({
    key: ['journal', view.object],
    ask: (signal) => api.journal(address.site, address.plan, { object: view.object, most: 12 }, signal),
    beside: true,
  }));
  let allUses = $state(false);
  const uses = $derived(allUses ? view.uses : view.uses.slice(0, FEW));
</script>

{#if met}
  <section>
    <h2 class="font-semibold">{passed ? 'Who comes here' : 'Who comes where it is used'}</h2>
    {#if reached.data}
      <NumbersReached numbers={reached.data.numbers} />
      {#if !reached.data.numbers.length && !reached.data.bench}
        <p class="mt-1 text-muted">No call to a number of this plan.</p>
      {/if}
      {#if reached.data.bench}<button
          class="link mt-1"
          onclick={() => reached.data?.bench && showCall(reached.data.bench)}>Such a call on the bench</button
        >{/if}
    {:else if reached.isError}
      <p class="wrong mt-1">{String(reached.error)}</p>
    {:else}
      <p class="mt-1 text-muted" role="status">Following every call.</p>
    {/if}
  </section>
{/if}
<section class={met ? 'mt-4 border-t border-line pt-3' : ''}>
  <h2 class="font-semibold">Used in</h2>
  {#each uses as use (use.object + use.at)}
    <p class="mt-1">
      <a class="link" href={sheetOf(use.object)}>{use.title}</a>
      <span class="text-muted">{use.kind}, {use.field}</span>
    </p>
  {:else}
    <p class="mt-1 text-muted">nothing</p>
  {/each}
  {#if view.uses.length > FEW && !allUses}
    <button class="link mt-1" onclick={() => (allUses = true)}>all {view.uses.length}</button>
  {/if}
</section>
<section class="mt-4 border-t border-line pt-3">
  <h2 class="font-semibold">Findings</h2>
  {#each view.findings as finding, index (index)}
    <FindingNote {finding} />
  {:else}
    <p class="mt-1 text-muted">none here</p>
  {/each}
</section>
<section class="mt-4 border-t border-line pt-3">
  <h2 class="font-semibold">History</h2>
  {#each journal.data ?? [] as entry (entry.version)}
    <JournalEntry {entry} undo={site.open} />
  {:else}
    <p class="mt-1 text-muted">unchanged since it is in this site</p>
  {/each}
</section>
