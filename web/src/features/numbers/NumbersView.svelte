<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf } from '../../app/links';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';
  import InboundNumbers from './parts/InboundNumbers.svelte';
  import MatchedNothing from './parts/MatchedNothing.svelte';
  import NumberingPlan from './parts/NumberingPlan.svelte';
  import PasteNumbers from './parts/PasteNumbers.svelte';
  import RoutesInOrder from './parts/RoutesInOrder.svelte';

  /** Numbers in four views: what each does on the bench, the order of precedence, the numbering plan, what matched nothing. */
  let { screen }: { screen: Screen } = $props();

  const VIEWS = ['', 'order', 'plan', 'arrived'] as const;
  const kind = $derived(address.query.get('kind') ?? '');
  const view = $derived(address.query.get('view') ?? '');
  const own = $derived((VIEWS as readonly string[]).includes(view) && kind === '');
  /** A screenful at first: a call to each is followed. */
  const FIRST = 50;
  const EVERY = 10_000;
  const find = $derived(address.query.get('find') ?? '');
  let rows = $state(FIRST);
  const query = askPlan(() => ({
    key: ['numbers', bench.query, find, rows],
    ask: (signal) => api.numbers(address.site, address.plan, { ...bench.query, find, rows }, signal),
    on: bench.at !== '' && own && view === '',
  }));
  const arrivals = askPlan(() => ({
    key: ['arrivals'],
    ask: (signal) => api.arrivals(address.site, address.plan, signal),
    beside: true,
  }));
  const counts = $derived(new Map(site.view?.sections.map((one) => [one.kind, one.count] as const)));
  let pasting = $state(false);

  // A bench that cannot be is said where it is set.
  $effect(() => {
    if (view === '') bench.problems = query.isError ? saysOf(query.error) : [];
  });

  function viewOf(name: string): string {
    const path = listOf(screen.name, '');
    const [to = '', found = ''] = path.split('?');
    const search = new URLSearchParams(found);
    search.delete('view');
    if (name) search.set('view', name);
    return search.size ? `${to}?${search}` : to;
  }

  const tabs = $derived([
    { name: '', title: 'Inbound numbers', count: counts.get('number'), href: viewOf('') },
    { name: 'order', title: 'Routes in order', count: counts.get('route'), href: viewOf('order') },
    { name: 'plan', title: 'Numbering plan', href: viewOf('plan') },
    {
      name: 'arrived',
      title: 'Matched nothing',
      count: arrivals.data?.arrivals.filter((one) => !one.ours).length,
      href: viewOf('arrived'),
    },
    ...tabsOf(screen).map((tab) => ({ ...tab, title: `${tab.title}, as a list`, count: undefined })),
  ]);
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else}
  <div class="flex min-h-0 grow flex-col">
    <div class="px-5 pt-3">
      <div class="flex items-start justify-between gap-4">
        <h1 class="text-lg font-semibold">Numbers</h1>
        <div class="no-print flex items-center gap-2">
          {#if view === ''}
            <input
              class="w-44"
              value={address.query.get('find') ?? ''}
              oninput={(event) => address.set('find', event.currentTarget.value)}
              placeholder="Number, name or tag"
              aria-label="Filter"
            />
          {/if}
          {#if site.open}
            {#if view === 'order'}
              <button class="primary" onclick={() => creating.begin('route')}>New route</button>
            {:else}
              <button class="plain" onclick={() => (pasting = true)}>Paste numbers…</button>
              <button class="primary" onclick={() => creating.begin('number')}>New inbound number</button>
            {/if}
          {/if}
        </div>
      </div>
      <div class="mt-1"><Tabs {tabs} current={view} label="Views" /></div>
    </div>
    {#if view === 'order'}
      <RoutesInOrder />
    {:else if view === 'plan'}
      <NumberingPlan />
    {:else if view === 'arrived'}
      <MatchedNothing />
    {:else if query.data}
      <InboundNumbers
        calls={query.data}
        more={query.data.length === rows}
        all={() => (rows = EVERY)}
        paste={() => (pasting = true)}
      />
    {:else if !query.isError}
      <p class="p-5 text-muted" role="status">Following a call to each number.</p>
    {/if}
  </div>
{/if}
<PasteNumbers bind:open={pasting} />
