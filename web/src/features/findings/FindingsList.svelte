<script lang="ts">
  import { together } from '../../app/said';
  import { live } from '../../app/live.svelte';
  import { sheetOf, showCall } from '../../app/links';
  import { site } from '../../app/site.svelte';
  import Progress from '../../lib/ui/Progress.svelte';
  import { fix, MARKS } from './findings.svelte';
  import { findings } from './findings.svelte';

  /** Everything found in the plan, the worst first, each with a call that shows it and what would mend it. */
  let { most = Infinity }: { most?: number } = $props();

  const found = findings();
  let all = $state(false);
  const shown = $derived(all ? found.all : found.all.slice(0, most));
</script>

{#if live.examining}
  <div class="mt-1">
    <Progress label="Looking for findings" done={live.examining.done} of={live.examining.of} />
  </div>
{/if}
{#each shown as finding, index (index)}
  {@const blocking = finding.severity === 'blocking'}
  <article class="mt-2 border-l-4 bg-panel px-4 py-2 {blocking ? 'border-clay' : 'border-sand'}">
    <p>
      <span class={blocking ? 'wrong' : 'font-semibold'}
        >{MARKS[finding.severity]} {finding.severity}: {finding.title}.</span
      >
      <a class="link" href={sheetOf(finding.object)}>{finding.about}</a>
      {together(finding.says)}
      {finding.advice}
    </p>
    {#if finding.accepted}<p class="mt-1 text-muted">Accepted: {finding.accepted}</p>{/if}
    {#if finding.calls.length}
      <p class="mt-1">Calls that fall in it:</p>
      <ul class="list-disc pl-5">
        {#each finding.calls as call (call)}<li>{call}</li>{/each}
      </ul>
    {:else if blocking && !finding.witness}
      <p class="mt-1 text-muted">No call to a number of this plan comes to it.</p>
    {/if}
    <div class="mt-2 flex gap-3">
      {#if finding.witness}
        {@const call = finding.witness}
        <button class="link" onclick={() => showCall(call)}>Show such a call</button>
      {/if}
      {#if site.open}
        {#each finding.fixes as title (title)}
          <button class="plain" onclick={() => fix(finding, title)}>{title}</button>
        {/each}
      {/if}
    </div>
  </article>
{:else}
  <p class="mt-1">{found.known ? 'Nothing found.' : 'Looking.'}</p>
{/each}
{#if found.all.length > shown.length}
  <button class="link mt-2" onclick={() => (all = true)}>all {found.all.length}</button>
{/if}
