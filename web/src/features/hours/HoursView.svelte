<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf, sheetOf } from '../../app/links';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import { download } from '../../lib/download';
  import Empty from '../../lib/ui/Empty.svelte';
  import Later from '../../lib/ui/Later.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';
  import { EdgeMove } from './hours.svelte';
  import CalendarDialog from './parts/CalendarDialog.svelte';
  import Decides from './parts/Decides.svelte';
  import HolidaysDialog from './parts/HolidaysDialog.svelte';
  import HoursSide from './parts/HoursSide.svelte';
  import Rules from './parts/Rules.svelte';
  import SwitchView from './parts/SwitchView.svelte';
  import WeekAxis from './parts/WeekAxis.svelte';
  import YearDays from './parts/YearDays.svelte';

  /** All hours and switches on the axis of a week; the one that is chosen by days of the year and by its rules. */
  let { screen }: { screen: Screen } = $props();

  const kind = $derived(address.query.get('kind') ?? '');
  const moving = new EdgeMove();
  const week = askPlan(() => ({
    key: ['week-of-hours', bench.at],
    ask: (signal) => api.weekOfHours(address.site, address.plan, { at: bench.at.slice(0, 16) }, signal),
    on: bench.at !== '' && kind === '',
  }));
  const all = $derived(
    [...(week.data?.hours ?? []), ...(week.data?.switches ?? [])].map((one) => one.object),
  );
  const selected = $derived(all.find((one) => one === address.query.get('of')) ?? all[0] ?? '');
  const key = $derived(selected.slice(selected.indexOf('/') + 1));
  const row = $derived(week.data?.hours.find((one) => one.object === selected));
  const turned = $derived(week.data?.switches.find((one) => one.object === selected));
  const rules = askPlan(() => ({
    key: ['rules-of-hours', key],
    ask: (signal) => api.rulesOfHours(address.site, address.plan, key, signal),
    on: row !== undefined,
  }));
  const positions = askPlan(() => ({
    key: ['positions-of-switch', key],
    ask: (signal) => api.positionsOfSwitch(address.site, address.plan, key, signal),
    on: turned !== undefined,
  }));
  const object = askPlan(() => ({
    key: ['object', 'hours', key],
    ask: (signal) => api.object(address.site, address.plan, 'hours', key, signal),
    on: row !== undefined,
  }));
  const journal = askPlan(() => ({
    key: ['journal', selected],
    ask: (signal) => api.journal(address.site, address.plan, { object: selected, most: 6 }, signal),
    on: selected !== '',
    beside: true,
  }));
  // The answer before stays until the new one is there, and may be of other hours.
  const view = $derived(rules.data?.object === selected ? rules.data : undefined);
  const body = $derived(
    object.data?.object === selected
      ? ((object.data.body as { states?: unknown[] }).states ?? [])
      : undefined,
  );
  const leads = $derived(positions.data?.object === selected ? positions.data : undefined);

  /** What has been made here is looked at here. */
  function open(object: string) {
    address.set('of', object);
  }

  let holidays = $state(false);
  let calendar = $state(false);

  const tabs = $derived([{ name: '', title: 'Week', href: listOf(screen.name, '') }, ...tabsOf(screen)]);

  async function save() {
    try {
      download(`${key}.ics`, 'text/calendar', await api.calendarOfHours(address.site, address.plan, key));
    } catch (failure) {
      site.fail(failure);
    }
  }
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else if week.isError && !week.data}
  <Empty title={saysOf(week.error).join(' ')} />
{:else if week.data && !all.length}
  <ScreenFrame title="Hours">
    <Empty title="No hours and no switch yet: every call is treated alike at all times.">
      {#if site.open}
        <button class="primary" onclick={() => creating.begin('hours', { then: open })}
          >Make the first hours</button
        >
        <button class="plain" onclick={() => creating.begin('switch', { then: open })}>Make a switch</button>
      {/if}
    </Empty>
  </ScreenFrame>
{:else if week.data}
  <ScreenFrame title="Hours" sideLabel="About {row?.title ?? turned?.title ?? ''}">
    {#snippet actions()}
      {#if site.open}
        <button class="plain" onclick={() => creating.begin('switch', { then: open })}>New switch</button>
        <button class="primary" onclick={() => creating.begin('hours', { then: open })}>New hours</button>
      {/if}
    {/snippet}
    {#snippet side()}
      {#if row}
        <HoursSide {row} {view} journal={journal.data ?? []} />
      {:else if turned && leads}
        <p class="text-muted">What calls meet while it stands as it does.</p>
        <Decides decides={leads.decides} numbers={leads.numbers} />
      {/if}
    {/snippet}
    <div class="px-5"><Tabs {tabs} current={kind} label="Views" /></div>
    <WeekAxis week={week.data} {selected} select={(one) => address.set('of', one)} {moving} />
    {#if row}
      <div class="flex items-baseline justify-between gap-4 px-5 pt-3 pb-1">
        <h2 class="text-base font-semibold">
          <a class="hover:underline" href={sheetOf(row.object)}>{row.title}</a>
        </h2>
        <p class="no-print flex flex-wrap gap-4">
          {#if site.open}
            <button class="link" onclick={() => (holidays = true)}>Public holidays…</button>
            <button class="link" onclick={() => (calendar = true)}>From a calendar file…</button>
          {/if}
          <button class="link" onclick={() => void save()}>As a calendar file</button>
          {#if site.open}<button
              class="link"
              onclick={() => creating.begin('hours', { like: key, then: open })}>Copy</button
            >{/if}
        </p>
      </div>
      {#if view && body}
        <Rules {view} {body} now={row.why} />
        <Later of={{ year: view.year, states: row.states }}>
          {#snippet children(shown)}<YearDays {...shown} />{/snippet}
        </Later>
      {:else}
        <p class="px-5 py-4 text-muted" role="status">Going through the year.</p>
      {/if}
      <HolidaysDialog bind:open={holidays} hours={key} states={row.states.map((one) => one.state)} />
      <CalendarDialog bind:open={calendar} hours={key} states={row.states.map((one) => one.state)} />
    {:else if turned && leads}
      <SwitchView row={turned} view={leads} />
    {/if}
  </ScreenFrame>
{:else}
  <p class="p-6 text-muted" role="status">Opening the week.</p>
{/if}
