<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf } from '../../app/links';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Empty from '../../lib/ui/Empty.svelte';
  import EndMark from '../../lib/ui/EndMark.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';

  /** Each inbound number, and what a call to it does on the bench; the numbers and routes themselves as lists. */
  let { screen }: { screen: Screen } = $props();

  const kind = $derived(address.query.get('kind') ?? '');
  const query = askPlan(() => ({
    key: ['numbers', bench.query],
    ask: (signal) => api.numbers(address.site, address.plan, bench.query, signal),
    on: bench.at !== '' && kind === '',
  }));
  const calls = $derived(query.data ?? []);

  // A bench that cannot be is said where it is set.
  $effect(() => {
    bench.problems = query.isError ? saysOf(query.error) : [];
  });

  const tabs = $derived([
    { name: '', title: 'On the bench', href: listOf(screen.name, '') },
    ...tabsOf(screen),
  ]);
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else}
  <div class="grow overflow-auto">
    <div class="px-5 pt-3">
      <div class="flex items-start justify-between gap-4">
        <h1 class="text-lg font-semibold">Numbers</h1>
        {#if site.draft}<button class="primary" onclick={() => creating.begin('number')}
            >New inbound number</button
          >{/if}
      </div>
      <div class="mt-1"><Tabs {tabs} current={kind} label="Views" /></div>
    </div>
    {#if calls.length}
      <table class="w-full border-collapse bg-panel">
        <thead>
          <tr class="border-b border-line text-left">
            <th class="px-5 py-1.5 font-semibold">Number</th>
            <th class="px-3 py-1.5 font-semibold">Name</th>
            <th class="px-3 py-1.5 font-semibold">Status</th>
            <th class="px-3 py-1.5 font-semibold">Trunk</th>
            <th class="px-3 py-1.5 font-semibold">A call on the bench</th>
          </tr>
        </thead>
        <tbody>
          {#each calls as call (call.number.number)}
            <tr class="border-b border-line align-top hover:bg-wash">
              <td class="px-5 py-1.5 whitespace-nowrap"
                ><a class="link font-mono" href={address.to('outline', call.number.number)}
                  >{call.number.shown}</a
                ></td
              >
              <td class="px-3 py-1.5"
                ><a class="hover:underline" href={address.to('numbers', 'number', call.number.number)}
                  >{call.number.name}</a
                ></td
              >
              <td class="px-3 py-1.5 whitespace-nowrap">
                {call.number.status}
                {#if call.number.due}<span class="ml-1 text-muted">until {call.number.due}</span>{/if}
              </td>
              <td class="px-3 py-1.5 whitespace-nowrap text-muted">{call.number.trunk ?? ''}</td>
              <td class="px-3 py-1.5"><EndMark kind={call.ending.kind} /> {call.inWords}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    {:else if query.isSuccess}
      <Empty title="This plan has no inbound number yet.">
        {#if site.draft}
          <button class="primary" onclick={() => creating.begin('number')}
            >Make the first inbound number</button
          >
        {/if}
      </Empty>
    {:else if !query.isError}
      <p class="p-5 text-muted" role="status">Following a call to each number.</p>
    {/if}
  </div>
{/if}
