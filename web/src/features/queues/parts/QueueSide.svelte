<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { sheetOf, showCall } from '../../../app/links';
  import type { Preview } from '../../../app/preview.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { dayName } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { ObjectView, ScoreView } from '../../../lib/api/types';
  import { clock, span } from '../../../lib/clock';
  import { bench } from '../../bench/bench.svelte';
  import FindingNote from '../../findings/FindingNote.svelte';
  import NoticedLines from '../../journal/NoticedLines.svelte';

  /** Beside the score: the bench's call, who comes here, the notice to everyone, the codes to hand out. */
  interface Props {
    score: ScoreView;
    object?: ObjectView;
    preview: Preview;
  }
  let { score, object, preview }: Props = $props();

  const FEW = 6;
  const key = $derived(score.object.slice('queue/'.length));
  const reached = askPlan(() => ({
    key: ['reached', 'queue', key],
    ask: (signal) => api.reached(address.site, address.plan, 'queue', key, signal),
  }));
  const trace = $derived(bench.call?.trace);
  const here = $derived(trace?.steps.findIndex((step) => step.object === score.object) ?? -1);

  function turn() {
    if (!score.notice) return;
    site
      .change({ set: { object: score.object, field: '/notice/on', value: !score.notice.on } })
      .catch(site.fail.bind(site));
  }
</script>

{#if preview.noticed || preview.asking || preview.problems.length}
  <section class="mb-3 border-b border-line pb-3 text-[13px]" role="status">
    <h3 class="font-semibold">If you keep it there</h3>
    {#if preview.noticed}<NoticedLines noticed={preview.noticed} />
    {:else if preview.asking}<p class="text-muted">Asking who notices.</p>{/if}
    {#each preview.problems as one (one)}<p class="wrong">{one}</p>{/each}
  </section>
{/if}
<section>
  <h2 class="font-semibold">The call on the bench</h2>
  {#if trace && here >= 0}
    <p class="mt-1">
      <span class="font-mono text-water">{clock(trace.steps[here]?.second ?? 0)}</span>
      {trace.steps[here]?.what}
    </p>
    {#each trace.steps[here]?.why.filter((why) => why.held) ?? [] as why, index (index)}
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
<section class="mt-3 border-t border-line pt-3">
  <h2 class="font-semibold">Said to everyone first</h2>
  {#if score.notice}
    <p class="mt-1">
      <b>{score.notice.says}</b>
      {score.notice.on
        ? `is said${score.notice.until ? ` until ${dayName(score.notice.until)}` : ''}.`
        : 'is not said now.'}
    </p>
    {#if site.draft}<button class="plain mt-1" onclick={turn}
        >{score.notice.on ? 'Stop saying it' : 'Say it to everyone'}</button
      >{/if}
  {:else}
    <p class="mt-1 text-muted">
      No notice is prepared. <a class="link" href={sheetOf(score.object)}>Choose a prompt for it</a>
    </p>
  {/if}
</section>
<section class="mt-3 border-t border-line pt-3">
  <h2 class="font-semibold">Who comes here</h2>
  {#each reached.data?.numbers.slice(0, FEW) ?? [] as one, index (index)}
    <p class="mt-1">
      <a class="link" href={address.to('outline', one.number)}>{one.title}</a>
      <span class="text-muted">{one.when}</span>
      <span class="font-mono text-[13px] text-muted"
        >{one.latest === undefined
          ? `from ${span(one.earliest, one.earliest)}`
          : span(one.earliest, one.latest)}</span
      >
    </p>
  {:else}
    <p class="mt-1 text-muted">
      {reached.isSuccess ? 'no call to a number of this plan' : 'Following every call.'}
    </p>
  {/each}
  {#if (reached.data?.numbers.length ?? 0) > FEW}
    <p class="mt-1 text-muted">and {(reached.data?.numbers.length ?? 0) - FEW} more</p>
  {/if}
</section>
{#if object?.findings.length}
  <section class="mt-3 border-t border-line pt-3">
    <h2 class="font-semibold">Findings</h2>
    {#each object.findings as finding, index (index)}<FindingNote {finding} />{/each}
  </section>
{/if}
