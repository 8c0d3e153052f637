<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import type { Preview } from '../../../app/preview.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { GroupView } from '../../../lib/api/types';
  import FindingNote from '../../findings/FindingNote.svelte';
  import PreviewNote from '../../journal/PreviewNote.svelte';
  import CallHere from '../../reached/CallHere.svelte';
  import WhoComes from '../../reached/WhoComes.svelte';

  /** Beside the groups: what a move would do, whether a queue would pay by the arithmetic, who comes here, what is found. */
  let { group, preview }: { group: GroupView; preview: Preview } = $props();

  const [kind = '', key = ''] = $derived(group.object.split('/'));
  const object = askPlan(() => ({
    key: ['object', kind, key],
    ask: (signal) => api.object(address.site, address.plan, kind, key, signal),
    beside: true,
  }));
  const findings = $derived(object.data?.object === group.object ? object.data.findings : []);

  function follow(value: boolean) {
    site
      .change({ set: { object: group.object, field: '/followForwarding', value } })
      .catch(site.fail.bind(site));
  }
</script>

<h2 class="text-base font-semibold">{group.title}</h2>
<PreviewNote {preview} />
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">Would a queue pay?</h3>
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
<WhoComes object={group.object} />
<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">A member's own forwarding</h3>
  <p class="mt-1">
    is <b>{group.followed ? 'followed' : 'not followed'}</b> here.
    {#if site.open}<button class="link" onclick={() => follow(!group.followed)}
        >{group.followed ? 'do not follow it' : 'follow it'}</button
      >{/if}
  </p>
</section>
<CallHere object={group.object} />
{#if findings.length}
  <section class="mt-3 border-t border-line pt-3">
    <h3 class="font-semibold">Findings</h3>
    {#each findings as finding, index (index)}<FindingNote {finding} />{/each}
  </section>
{/if}
