<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf } from '../../app/links';
  import { Preview } from '../../app/preview.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Empty from '../../lib/ui/Empty.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';
  import GroupCard from './parts/GroupCard.svelte';
  import GroupSide from './parts/GroupSide.svelte';

  /** All groups as they ring, to scale; the lists of groups and pages are views of their own. */
  let { screen }: { screen: Screen } = $props();

  const PAGE = 20;
  const kind = $derived(address.query.get('kind') ?? '');
  const find = $derived(address.query.get('find') ?? '');
  let rows = $state(PAGE);
  const query = askPlan(() => ({
    key: ['groups', find, rows],
    ask: (signal) => api.groups(address.site, address.plan, { find, rows }, signal),
    on: kind === '',
  }));
  const groups = $derived(query.data?.groups ?? []);
  const chosen = $derived(groups.find((one) => one.object === address.query.get('of')) ?? groups[0]);
  const preview = new Preview();
  const tabs = $derived([{ name: '', title: 'To scale', href: listOf(screen.name, '') }, ...tabsOf(screen)]);

  function choose(object: string) {
    if (chosen?.object !== object) address.set('of', object);
  }
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else if query.isError && !query.data}
  <Empty title={saysOf(query.error).join(' ')} />
{:else if query.data}
  <ScreenFrame title="Groups" sideLabel="About {chosen?.title ?? ''}">
    {#snippet actions()}
      <input
        class="w-40"
        value={find}
        oninput={(event) => address.set('find', event.currentTarget.value)}
        placeholder="Name or number"
        aria-label="Filter"
      />
      {#if site.open}
        <button class="plain" onclick={() => creating.begin('hunt-group', { then: choose })}
          >New hunt group</button
        >
        <button class="primary" onclick={() => creating.begin('ring-group', { then: choose })}
          >New ring group</button
        >
      {/if}
    {/snippet}
    {#snippet side()}
      {#if chosen}{#key chosen.object}<GroupSide group={chosen} {preview} />{/key}{/if}
    {/snippet}
    <div class="px-5"><Tabs {tabs} current={kind} label="Views" /></div>
    {#each groups as group (group.object)}
      <GroupCard
        {group}
        chosen={group.object === chosen?.object}
        choose={() => choose(group.object)}
        {preview}
      />
    {:else}
      <Empty
        title={find
          ? `No group is called “${find}”.`
          : 'No group yet: a ring group rings several phones together.'}
      >
        {#if find}<button class="plain" onclick={() => address.set('find', '')}>Show all</button>
        {:else if site.open}
          <button class="primary" onclick={() => creating.begin('ring-group', { then: choose })}
            >Make the first ring group</button
          >
        {/if}
      </Empty>
    {/each}
    {#if groups.length < query.data.total}
      <p class="px-5 py-3">
        <button class="plain" onclick={() => (rows += PAGE)}
          >Show more: {groups.length} of {query.data.total} are drawn</button
        >
      </p>
    {/if}
    <p class="no-print px-5 py-2 text-xs text-muted">
      Move a bar's beginning to delay a phone, the line at the end to ring longer; ← → on either does the same
      by a second, digits set it.
    </p>
  </ScreenFrame>
{:else}
  <p class="p-6 text-muted" role="status">Opening.</p>
{/if}
