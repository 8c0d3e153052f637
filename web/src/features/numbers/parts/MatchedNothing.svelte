<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { queries, askPlan } from '../../../app/queries.svelte';
  import { dayAndTime } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { ArrivalView, Taken } from '../../../lib/api/types';
  import { TypedText } from '../../../lib/typedText.svelte';
  import Empty from '../../../lib/ui/Empty.svelte';
  import { creating } from '../../sheet/creating.svelte';

  /** Numbers that arrived and matched no route, as they came; each a step from a route, or one of ours. */
  const query = askPlan(() => ({
    key: ['arrivals'],
    ask: (signal) => api.arrivals(address.site, address.plan, signal),
  }));
  const trunks = askPlan(() => ({
    key: ['objects', 'trunk'],
    ask: (signal) => api.objects(address.site, address.plan, 'trunk', { rows: 200 }, signal),
  }));
  const all = $derived(query.data?.arrivals ?? []);
  const open = $derived(all.filter((one) => !one.ours));
  const ours = $derived(all.filter((one) => one.ours));

  let trunk = $state('');
  const pasted = new TypedText(() => `arrivals/${address.site}`);
  let taken = $state.raw<Taken | undefined>();
  let wrong = $state.raw<string[]>([]);
  const on = $derived(trunk || trunks.data?.rows[0]?.object || '');

  async function again() {
    await queries.invalidateQueries({ predicate: (one) => one.queryKey.includes('arrivals') });
  }

  async function take(event: Event) {
    event.preventDefault();
    try {
      wrong = [];
      taken = await api.takeArrivals(address.site, address.plan, { trunk: on, lines: pasted.text });
      if (!taken.unread.length) pasted.text = '';
      await again();
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }

  async function tell(one: ArrivalView, ours: boolean) {
    try {
      await api.tellArrival(address.site, address.plan, { id: one.id, ours });
      await again();
    } catch (failure) {
      site.fail(failure);
    }
  }
</script>

{#snippet row(one: ArrivalView)}
  <tr class="border-b border-line align-top">
    <td class="px-5 py-1 font-mono text-[13px] font-semibold">{one.digits}</td>
    <td class="px-2 py-1">{one.trunkTitle}</td>
    <td class="px-2 py-1 text-right font-mono text-[13px]">{one.times}</td>
    <td class="px-2 py-1 whitespace-nowrap text-muted">{dayAndTime(one.last)}</td>
    <td class="px-2 py-1"
      >{#if one.shown}meant {one.shown}:
      {/if}<span class="text-muted">{one.why}</span></td
    >
    <td class="no-print px-5 py-1 text-right whitespace-nowrap">
      {#if site.open && !one.ours}
        {#if one.means}
          <button class="link" onclick={() => creating.begin('route', { values: { '/called': one.means } })}
            >Give it a route</button
          >
          <button
            class="link ml-3"
            onclick={() =>
              creating.begin('number', {
                key: one.means,
                values: { '/trunk': one.trunk.slice('trunk/'.length) },
              })}>It is a number</button
          >
        {:else}
          <button class="link" onclick={() => creating.begin('number')}>It is a number</button>
        {/if}
      {/if}
      <button class="link ml-3" onclick={() => void tell(one, !one.ours)}
        >{one.ours ? 'look at it again' : 'it is one of ours'}</button
      >
    </td>
  </tr>
{/snippet}

<div class="min-h-0 grow overflow-auto">
  {#if all.length}
    <table class="w-full border-collapse bg-panel">
      <thead>
        <tr class="border-b border-line text-left">
          <th class="px-5 py-1 font-semibold">Arrived as</th>
          <th class="px-2 py-1 font-semibold">On</th>
          <th class="px-2 py-1 text-right font-semibold">Times</th>
          <th class="px-2 py-1 font-semibold">Last</th>
          <th class="px-2 py-1 font-semibold">Why nothing takes it</th>
          <th class="no-print px-5 py-1"><span class="sr-only">Do</span></th>
        </tr>
      </thead>
      <tbody>
        {#each open as one (one.id)}{@render row(one)}{/each}
        {#if ours.length}
          <tr class="border-b border-line"
            ><td class="px-5 py-1 text-muted" colspan="6">Ours, and nothing to do</td></tr
          >
          {#each ours as one (one.id)}{@render row(one)}{/each}
        {/if}
      </tbody>
    </table>
  {:else if query.isSuccess}
    <Empty title="Nothing that arrived matches no route." />
  {/if}
  {#if trunks.data?.rows.length}
    <form class="max-w-2xl px-5 py-3" onsubmit={take}>
      <h2 class="font-semibold">Numbers that arrived, from a log or the carrier's list</h2>
      <p class="text-muted">Digits as they came, a line each; how often may stand behind them.</p>
      <p class="mt-2">
        <label
          >On <select value={on} onchange={(event) => (trunk = event.currentTarget.value)}>
            {#each trunks.data.rows as one (one.object)}<option value={one.object}>{one.title}</option>{/each}
          </select></label
        >
        <label class="plain ml-2 inline-block cursor-pointer"
          >From a file<input
            class="sr-only"
            type="file"
            accept=".txt,.csv,text/plain,text/csv"
            onchange={(event) =>
              void event.currentTarget.files?.[0]?.text().then((text) => (pasted.text = text))}
          /></label
        >
      </p>
      <textarea
        class="mt-2 w-full font-mono text-[13px]"
        rows="4"
        bind:value={pasted.text}
        aria-label="Numbers that arrived"></textarea>
      <div role="status">
        {#if taken}
          <p>
            {taken.kept} matched nothing, {taken.matched}
            {taken.matched === 1 ? 'is' : 'are'} taken by a route.
          </p>
          {#each taken.unread as one (one)}<p class="wrong">{one}</p>{/each}
        {/if}
        {#each wrong as one (one)}<p class="wrong">{one}</p>{/each}
      </div>
      <p class="mt-1"><button class="primary" disabled={!pasted.text.trim()}>Look for routes</button></p>
    </form>
  {:else if trunks.isSuccess}
    <p class="px-5 text-muted">A trunk is needed first: it says in which form numbers arrive.</p>
  {/if}
</div>
