<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { showCall } from '../../../app/links';
  import type { Preview } from '../../../app/preview.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { GroupView } from '../../../lib/api/types';
  import { span } from '../../../lib/clock';
  import { bench } from '../../bench/bench.svelte';
  import FindingNote from '../../findings/FindingNote.svelte';
  import NoticedLines from '../../journal/NoticedLines.svelte';

  /** Beside the groups: what a move would do, group or queue by the arithmetic, who comes here, what is found. */
  let { group, preview }: { group: GroupView; preview: Preview } = $props();

  const FEW = 8;
  const kind = $derived(group.object.slice(0, group.object.indexOf('/')));
  const key = $derived(group.object.slice(group.object.indexOf('/') + 1));
  const reached = askPlan(() => ({
    key: ['reached', kind, key],
    ask: (signal) => api.reached(address.site, address.plan, kind, key, signal),
  }));
  const object = askPlan(() => ({
    key: ['object', kind, key],
    ask: (signal) => api.object(address.site, address.plan, kind, key, signal),
  }));
  const findings = $derived(object.data?.object === group.object ? object.data.findings : []);
  const here = $derived(bench.call?.trace.steps.find((step) => step.object === group.object));

  function follow(value: boolean) {
    site
      .change({ set: { object: group.object, field: '/followForwarding', value } })
      .catch(site.fail.bind(site));
  }
</script>

<h2 class="text-base font-semibold">{group.title}</h2>
{#if preview.noticed || preview.asking || preview.problems.length}
  <section class="mt-2 text-[13px]" role="status">
    <h3 class="font-semibold">If you keep it there</h3>
    {#if preview.noticed}<NoticedLines noticed={preview.noticed} />
    {:else if preview.asking}<p class="text-muted">Asking who notices.</p>{/if}
    {#each preview.problems as one (one)}<p class="wrong">{one}</p>{/each}
  </section>
{/if}
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">Group or queue?</h3>
  {#if group.advice}
    <p class="mt-1">{group.advice.says}.</p>
    <p class="mt-1 text-muted">
      {group.advice.queue
        ? 'More than one in twenty would find everybody busy.'
        : `A queue would pay from about ${Math.round(group.advice.pays)} calls an hour.`}
    </p>
  {:else}
    <p class="mt-1 text-muted">
      No calls are expected here: the plan's traffic says nothing of a number that leads to it.
      <a class="link" href={address.to('traffic')}>Traffic</a>
    </p>
  {/if}
</section>
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">Who comes here</h3>
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
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">A member's own forwarding</h3>
  <p class="mt-1">
    is <b>{group.followed ? 'followed' : 'not followed'}</b> here.
    {#if site.draft}<button class="link" onclick={() => follow(!group.followed)}
        >{group.followed ? 'do not follow it' : 'follow it'}</button
      >{/if}
  </p>
</section>
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">The call on the bench</h3>
  {#if here}
    <p class="mt-1"><span class="font-mono text-water">{span(here.second, here.second)}</span> {here.what}</p>
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
{#if findings.length}
  <section class="mt-3 border-t border-line pt-3">
    <h3 class="font-semibold">Findings</h3>
    {#each findings as finding, index (index)}<FindingNote {finding} />{/each}
  </section>
{/if}
