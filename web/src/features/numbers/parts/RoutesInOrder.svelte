<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { sheetOf } from '../../../app/links';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { RankView } from '../../../lib/api/types';
  import Empty from '../../../lib/ui/Empty.svelte';
  import { bench } from '../../bench/bench.svelte';
  import { creating } from '../../sheet/creating.svelte';

  /** The routes in the order in which they are tried: which calls each takes, what it never gets and why, its share. */
  const number = $derived(address.query.get('for') ?? bench.to);
  const every = $derived(number === 'all');
  const numbers = askPlan(() => ({
    key: ['objects', 'number', 'all'],
    ask: (signal) => api.objects(address.site, address.plan, 'number', { rows: 500 }, signal),
  }));
  const query = askPlan(() => ({
    key: ['routes-in-order', every ? '' : number],
    ask: (signal) => api.routesInOrder(address.site, address.plan, { number: every ? '' : number }, signal),
    on: number !== '',
  }));
  const view = $derived(query.data);
  const winner = $derived(bench.call?.trace.route ?? undefined);

  /** Whether it is on, or will be once what is being changed is kept. */
  function on(route: RankView): boolean {
    const wished = site.underway
      .filter(({ set }) => set?.object === route.object && set.field === '/enabled')
      .at(-1)?.set;
    return wished ? wished.value !== false : route.on;
  }

  function turn(route: RankView) {
    site
      .change({ set: { object: route.object, field: '/enabled', value: on(route) ? false : null } })
      .catch(site.fail.bind(site));
  }

  function share(route: RankView): string {
    if (!route.on) return 'off';
    const parts: string[] = [];
    if (route.contacts) parts.push(`${route.contacts} of the directory`);
    if (route.share) parts.push(`${percent(route.share)} of ${view?.expected ? 'expected calls' : 'hours'}`);
    return parts.join(', ');
  }

  function percent(part: number): string {
    return part === 1 ? 'all' : part < 0.01 ? 'under 1%' : `${Math.round(part * 100)}%`;
  }

  function never(route: RankView): string {
    return route.before.length
      ? `never: ${route.before.join(', ')} ${route.before.length === 1 ? 'takes' : 'take'} them first`
      : 'never';
  }
</script>

<div class="min-h-0 grow overflow-auto">
  <p class="px-5 py-2">
    <label
      >For calls to <select
        value={every ? 'all' : number}
        onchange={(event) => address.set('for', event.currentTarget.value)}
      >
        <option value="all">any number: all routes</option>
        {#each numbers.data?.rows ?? [] as one (one.key)}
          <option value={one.key}>{one.number ?? one.key} {one.title}</option>
        {/each}
        {#if !every && numbers.data && !numbers.data.rows.some((one) => one.key === number)}
          <option value={number}>{number}</option>
        {/if}
      </select></label
    >
    <span class="text-muted"
      >Before all first, then ranked by the number called, the caller, and hours; one that names others stands
      before these. The first whose conditions all hold takes the call.</span
    >
  </p>
  {#if query.isError}
    <p class="wrong px-5" role="alert">{saysOf(query.error).join(' ')}</p>
  {:else if view?.ranks.length}
    <table class="w-full border-collapse bg-panel">
      <thead>
        <tr class="border-y border-line text-left">
          <th class="w-10 px-5 py-1"></th>
          <th class="px-2 py-1 font-semibold">Route</th>
          <th class="px-2 py-1 font-semibold">Called</th>
          <th class="px-2 py-1 font-semibold">Caller</th>
          <th class="px-2 py-1 font-semibold">When</th>
          <th class="px-2 py-1 font-semibold">Goes to</th>
          <th class="px-2 py-1 font-semibold">{every ? 'Takes' : 'Takes, and its share'}</th>
          <th class="no-print w-24 px-5 py-1"><span class="sr-only">Switch</span></th>
        </tr>
      </thead>
      <tbody>
        {#each view.ranks as route, index (route.object)}
          {@const here = !every && winner === route.object && number === bench.to}
          <tr class="border-b border-line align-top {here ? 'bg-wash' : ''} {on(route) ? '' : 'text-muted'}">
            <td class="px-5 py-1 text-muted">{index + 1}</td>
            <td class="px-2 py-1"
              ><a class="font-semibold hover:underline" href={sheetOf(route.object)}>{route.title}</a>
              {#if here}<span class="block text-xs text-water">takes the call on the bench</span>{/if}
              {#if route.stands}<span class="block text-xs text-muted">{route.stands}</span>{/if}</td
            >
            <td class="px-2 py-1 whitespace-nowrap">{route.called}</td>
            <td class="px-2 py-1">{route.caller}</td>
            <td class="px-2 py-1">{route.holds}</td>
            <td class="px-2 py-1">{route.leads}</td>
            <td class="max-w-80 px-2 py-1">
              {#if !on(route)}off: it takes nothing
              {:else if !route.on}<span class="text-muted">on: what it takes is being found</span>
              {:else if route.takes === undefined}<span class="text-clay">{never(route)}</span>
              {:else}
                {#if route.takes}<span>{route.takes}</span>{:else}<span class="text-muted">some calls</span
                  >{/if}
                {#if !every}<span class="block text-xs text-muted">{share(route)}</span>{/if}
              {/if}
            </td>
            <td class="no-print px-5 py-1 text-right whitespace-nowrap">
              {#if site.open}<button
                  class="link"
                  aria-label="{route.title}: switch {on(route) ? 'off' : 'on'}"
                  onclick={() => turn(route)}>{on(route) ? 'switch off' : 'switch on'}</button
                >{/if}
            </td>
          </tr>
        {/each}
      </tbody>
    </table>
    {#if view.unmatched}
      <p class="px-5 py-2"><span class="wrong">No route takes</span> calls {view.unmatched}.</p>
    {/if}
  {:else if view}
    <Empty title={every ? 'No route yet: no call is taken.' : 'No route is for this number.'}>
      {#if site.open}<button class="primary" onclick={() => creating.begin('route')}>Make a route</button
        >{/if}
    </Empty>
  {:else}
    <p class="px-5 py-2 text-muted" role="status">Following every call.</p>
  {/if}
</div>
