<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import type { Preview } from '../../../app/preview.svelte';
  import { dayName } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import type { ObjectView, ScoreView } from '../../../lib/api/types';
  import FindingNote from '../../findings/FindingNote.svelte';
  import PreviewNote from '../../journal/PreviewNote.svelte';
  import CallHere from '../../reached/CallHere.svelte';
  import WhoComes from '../../reached/WhoComes.svelte';

  /** Beside the score: the bench's call, who comes here, the notice to everyone, the codes to hand out. */
  interface Props {
    score: ScoreView;
    object?: ObjectView;
    preview: Preview;
  }
  let { score, object, preview }: Props = $props();

  function turn() {
    if (!score.notice) return;
    site
      .change({ set: { object: score.object, field: '/notice/on', value: !score.notice.on } })
      .catch(site.fail.bind(site));
  }
</script>

<h2 class="text-base font-semibold">{score.title}</h2>
<PreviewNote {preview} />
<CallHere object={score.object} />
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">Said to everyone first</h3>
  {#if score.notice}
    <p class="mt-1">
      <b>{score.notice.says}</b>
      {score.notice.on
        ? `is said${score.notice.until ? ` until ${dayName(score.notice.until)}` : ''}.`
        : 'is not said now.'}
    </p>
    {#if site.open}<button class="plain mt-1" onclick={turn}
        >{score.notice.on ? 'Stop saying it' : 'Say it to everyone'}</button
      >{/if}
  {:else}
    <p class="mt-1 text-muted">
      No notice is prepared. <a class="link" href={sheetOf(score.object)}>Choose a prompt for it</a>
    </p>
  {/if}
</section>
<WhoComes object={score.object} />
{#if object?.findings.length}
  <section class="mt-3 border-t border-line pt-3">
    <h3 class="font-semibold">Findings</h3>
    {#each object.findings as finding, index (index)}<FindingNote {finding} />{/each}
  </section>
{/if}
