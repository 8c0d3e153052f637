<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf } from '../../app/links';
  import type { Screen } from '../../app/screens';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { findings } from './findings.svelte';
  import FindingsList from './FindingsList.svelte';

  /** What is wrong or doubtful in the plan, and what of it is accepted with a reason. */
  let { screen }: { screen: Screen } = $props();

  const found = findings();
  const kind = $derived(address.query.get('kind') ?? '');
  const tabs = $derived([
    { name: '', title: 'Found', count: found.all.length, href: listOf(screen.name, '') },
    ...tabsOf(screen),
  ]);
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else}
  <div class="grow overflow-auto px-5 pt-3 pb-5">
    <h1 class="text-lg font-semibold">Findings</h1>
    <div class="mt-1"><Tabs {tabs} current={kind} label="Views" /></div>
    <FindingsList />
  </div>
{/if}
