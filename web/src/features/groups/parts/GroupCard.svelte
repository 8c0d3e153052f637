<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import { live } from '../../../app/live.svelte';
  import type { Preview } from '../../../app/preview.svelte';
  import { site } from '../../../app/site.svelte';
  import type { GroupView, RungView, Wish } from '../../../lib/api/types';
  import { lasting } from '../../../lib/clock';
  import Handle from '../../../lib/ui/Handle.svelte';
  import RingingBar from '../../../lib/ui/RingingBar.svelte';
  import TimeAxis from '../../../lib/ui/TimeAxis.svelte';

  /** A group as it rings when nobody answers, to scale; delays and ring times are moved here. */
  interface Props {
    group: GroupView;
    chosen: boolean;
    choose: () => void;
    preview: Preview;
  }
  let { group, chosen, choose, preview }: Props = $props();

  const MARGIN = 16;
  const LONGEST = 600;
  let width = $state(500);
  /** What is being moved, and where it would be. */
  let moving = $state<{ field: string; to: number } | undefined>();
  const ring = $derived(site.view?.ringSeconds ?? 3);
  const end = $derived(Math.max(5, seconds(), ...group.members.flatMap((one) => one.after + 5)) * 1.06);
  const scale = $derived(end / Math.max(1, width - 2 * MARGIN));

  /** Until it gives up: as the engine says, stretched with what is being moved. */
  function seconds(): number {
    if (group.together) return group.seconds && lengthOf();
    return group.seconds * stretched();
  }

  /** How much longer each rings one after another with what is being moved. */
  function stretched(): number {
    return group.length > 0 ? lengthOf() / group.length : 1;
  }

  function lengthOf(): number {
    return moving?.field === group.moves ? moving.to : group.length;
  }

  function afterOf(place: number, after: number): number {
    return moving?.field === `/members/${place}/after` ? moving.to : after;
  }

  /** When a phone rings: as the engine says, stretched with what is being moved. */
  function stretches(member: RungView): { from: number; to: number }[] {
    if (!group.together) {
      return member.stretches.map(({ from, to }) => ({ from: from * stretched(), to: to * stretched() }));
    }
    const from = afterOf(member.place, member.after);
    return member.able && from < lengthOf() ? [{ from, to: lengthOf() }] : [];
  }

  function x(second: number): string {
    return `${MARGIN + second / scale}px`;
  }

  function wish(field: string, to: number): Wish {
    return {
      set: { object: group.object, field, value: to === 0 && field.endsWith('after') ? null : `${to}s` },
    };
  }

  function move(field: string, to: number) {
    moving = { field, to };
    choose();
    preview.ask(wish(field, to));
  }

  async function keep(before: number) {
    const moved = moving;
    if (moved && moved.to !== before) {
      preview.stop();
      try {
        await site.change(wish(moved.field, moved.to));
      } catch (failure) {
        site.fail(failure);
      }
    }
    if (moving === moved) drop();
  }

  function drop() {
    moving = undefined;
    preview.drop();
  }

  const rings = $derived(Math.floor(lengthOf() / ring) + (lengthOf() % ring ? 1 : 0));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions (what is in it is focused, which chooses it too) -->
<section
  class="mx-5 mt-3 border bg-panel {chosen ? 'border-water' : 'border-line'}"
  aria-label={group.title}
  onclick={choose}
  onfocusin={choose}
>
  <div class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-line px-3 py-1.5">
    <p>
      <a class="font-semibold hover:underline" href={sheetOf(group.object)}>{group.title}</a>
      <span class="font-mono text-[13px]">{group.number ?? ''}</span>
      {#if live.changed.get(group.object)}<span class="bg-wash px-1 text-xs font-semibold text-water"
          >{live.changed.get(group.object)}</span
        >{/if}
      <span class="text-muted"
        >{group.order}{group.laps > 1 ? `, ${group.laps} times` : ''}{group.shownAs
          ? `, shown as “${group.shownAs}”`
          : ''}</span
      >
    </p>
    <p>
      {#each group.ends.filter((one) => one.given || one.field === group.leaves) as one, index (one.field)}
        <span class="text-muted"
          >{index ? '·' : ''}
          {one.field !== group.leaves
            ? one.when
            : group.seconds === 0
              ? `at once, as ${one.when}`
              : `after ${lasting(seconds())}${group.together ? ` (${rings} rings)` : ''}`}:</span
        >
        <b class="mr-1">{one.leads}</b>
      {/each}
    </p>
  </div>
  <div class="flex">
    <ul class="w-56 shrink-0 pt-6.5 pl-3">
      {#each group.members as member (member.place)}
        <li class="flex h-6 items-center gap-2 truncate">
          {#if member.object}<a class="truncate hover:underline" href={sheetOf(member.object)}
              >{member.title}</a
            >
          {:else}<span class="truncate">{member.title}</span>{/if}
          {#if group.together && afterOf(member.place, member.after)}<span class="shrink-0 text-xs text-muted"
              >after {lasting(afterOf(member.place, member.after))}</span
            >{/if}
          {#if member.key}<span class="shrink-0 text-xs text-muted">presses a key</span>{/if}
        </li>
      {/each}
    </ul>
    <div class="min-w-0 grow" bind:clientWidth={width}>
      <TimeAxis seconds={end} {width} margin={MARGIN} marks={10} />
      <div class="relative pb-2">
        {#each group.members as member (member.place)}
          {@const after = afterOf(member.place, member.after)}
          <div class="relative flex h-6 items-center">
            <span class="absolute inset-0">
              {#each stretches(member) as one (one.from)}
                <span class="absolute inset-0"
                  ><RingingBar
                    from={one.from}
                    to={one.to}
                    seconds={end}
                    {width}
                    margin={MARGIN}
                    cycle={ring}
                    label="{member.title} rings from {lasting(one.from)} to {lasting(one.to)}"
                  /></span
                >
              {/each}
            </span>
            {#if group.together && site.open}
              <Handle
                value={after}
                min={0}
                max={LONGEST}
                {scale}
                label="{member.title} in {group.title}, rings after"
                says={lasting(after)}
                left={x(after)}
                moved={after !== member.after}
                asking={preview.asking}
                onmove={(to) => move(`/members/${member.place}/after`, to)}
                onkeep={() => void keep(member.after)}
                ondrop={drop}
              />
            {/if}
            {#if member.notes.length}
              <span
                class="pointer-events-none absolute right-2 max-w-[60%] truncate bg-panel/85 px-1 text-xs text-clay"
                title={member.notes.join(' · ')}>{member.notes.join(' · ')}</span
              >
            {/if}
          </div>
        {:else}
          <p class="py-2 pl-4 text-clay">Nobody is in it.</p>
        {/each}
        <div class="pointer-events-none absolute inset-y-0 w-0.5 bg-plum" style:left={x(seconds())}></div>
        {#if site.open}
          <Handle
            value={lengthOf()}
            min={1}
            max={LONGEST}
            scale={group.together ? scale : (scale * group.length) / Math.max(1, group.seconds)}
            label="{group.title}, {group.together ? 'rings for' : 'each rings for'}"
            says={lasting(lengthOf())}
            left={x(seconds())}
            moved={lengthOf() !== group.length}
            asking={preview.asking}
            onmove={(to) => move(group.moves, to)}
            onkeep={() => void keep(group.length)}
            ondrop={drop}
          />
        {/if}
      </div>
    </div>
  </div>
</section>
