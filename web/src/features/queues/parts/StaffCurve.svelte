<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { instant } from '../../../app/said';
  import type { StaffView } from '../../../lib/api/types';
  import { lasting } from '../../../lib/clock';
  import { bench } from '../../bench/bench.svelte';

  /** How many agents the calls of the bench's hour need: the share answered in time by number of agents, with its target. */
  let { staff }: { staff: StaffView } = $props();

  const HEIGHT = 110;
  const percent = (share: number) => `${Math.floor(share * 100)}%`;
  const here = $derived(staff.curve.find((point) => point.agents === staff.agents));
</script>

<h2 class="font-semibold">How many agents</h2>
{#if staff.calls !== undefined}
  <p class="text-muted">
    In the hour of {instant(bench.at)}: {staff.calls.toFixed(1)} calls expected, {lasting(staff.handling)} each
    with wrap-up,
    {((staff.calls * staff.handling) / 3600).toFixed(2)} erlangs{staff.patience
      ? `; callers give up after ${lasting(staff.patience)} on average`
      : '; nobody is expected to give up'}.
  </p>
  <div
    class="relative mt-2 flex items-end gap-1"
    style:height="{HEIGHT + 34}px"
    role="img"
    aria-label="Share answered in time by number of agents"
  >
    {#each staff.curve as point (point.agents)}
      <span class="flex min-w-0 flex-1 flex-col items-center justify-end">
        <span class="text-[11px] leading-4 text-muted">{Math.floor(point.level * 100)}</span>
        <span
          class="w-full {point.agents === staff.agents ? 'bg-water' : 'bg-water/35'}"
          style:height="{Math.max(1, point.level * HEIGHT)}px"
        ></span>
        <span class="font-mono text-xs leading-4 {point.agents === staff.agents ? 'font-bold' : ''}"
          >{point.agents}</span
        >
      </span>
    {/each}
    {#if staff.target !== undefined}
      <span
        class="pointer-events-none absolute inset-x-0 border-t border-dashed border-reed text-right text-xs text-reed"
        style:bottom="{16 + staff.target * HEIGHT}px"
        ><span class="bg-paper/80 px-1">{percent(staff.target)} in {lasting(staff.within)}</span></span
      >
    {/if}
  </div>
  <p class="mt-1">
    {#if here}
      With <b>{staff.agents}</b>
      {staff.agents === 1 ? 'agent' : 'agents'} in: {percent(here.level)} within {lasting(staff.within)},
      {here.meanWait === undefined
        ? 'and the line grows without end'
        : `mean wait ${lasting(here.meanWait)}`}{staff.patience ? `, ${percent(here.abandons)} give up` : ''}.
    {/if}
    {#if staff.target === undefined}<span class="text-muted">No service level is wanted.</span>
    {:else if staff.needed !== undefined}
      <b>{staff.needed}</b> {staff.needed === 1 ? 'reaches' : 'reach'} the target.
    {:else}<span class="text-clay">No number of agents reaches the target.</span>{/if}
  </p>
{:else}
  <p class="text-muted">
    No calls are expected here at {instant(bench.at)}: the plan's traffic leads none to this queue then.
    <a class="link" href={address.to('traffic')}>Traffic</a>
  </p>
{/if}
