<script lang="ts">
  import type { Component } from 'svelte';
  import FindingsView from '../features/findings/FindingsView.svelte';
  import GroupsView from '../features/groups/GroupsView.svelte';
  import HoursView from '../features/hours/HoursView.svelte';
  import VoicemailView from '../features/voicemail/VoicemailView.svelte';
  import QueuesView from '../features/queues/QueuesView.svelte';
  import NumbersView from '../features/numbers/NumbersView.svelte';
  import ObjectsView from '../features/objects/ObjectsView.svelte';
  import OverviewView from '../features/overview/OverviewView.svelte';
  import RightsView from '../features/rights/RightsView.svelte';
  import PeopleView from '../features/people/PeopleView.svelte';
  import { address } from './address.svelte';
  import { screenOf, type Screen } from './screens';

  /** Screens with a view of their own; all others list the objects that they are about. */
  const VIEWS: Partial<Record<string, Component<{ screen: Screen }>>> = {
    numbers: NumbersView,
    hours: HoursView,
    people: PeopleView,
    groups: GroupsView,
    queues: QueuesView,
    voicemail: VoicemailView,
    findings: FindingsView,
    accounts: RightsView,
  };

  const screen = $derived(screenOf(address.screen));
  const View = $derived(screen ? (VIEWS[screen.name] ?? ObjectsView) : undefined);
</script>

{#if screen?.name === 'overview'}
  <OverviewView />
{:else if screen && View}
  <View {screen} />
{/if}
