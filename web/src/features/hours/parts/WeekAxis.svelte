<script lang="ts">
  import { dayName, dayOfWeek, dayAndTime, timeOn } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import type { DayView, HoursRow, StretchView, WeekView } from '../../../lib/api/types';
  import Handle from '../../../lib/ui/Handle.svelte';
  import { bench } from '../../bench/bench.svelte';
  import NoticedLines from '../../journal/NoticedLines.svelte';
  import { clockOf, FILL, minuteOf, tonesOf, type EdgeMove, type Move } from '../hours.svelte';

  /** All hours and switches on one axis of a week, the bench's instant through them; edges are moved on it. */
  interface Props {
    week: WeekView;
    selected: string;
    select: (object: string) => void;
    moving: EdgeMove;
  }
  let { week, selected, select, moving }: Props = $props();

  const DAY = 24 * 60;
  const QUARTER = 15;
  const BETWEEN = 20;
  const DATED = 72;
  const COVERS = 34;
  let width = $state(600);
  const hours = $derived(width / 7 / 4 >= BETWEEN ? [6, 12, 18] : [6, 18]);
  const LETTER = 6.6;
  const PAD = 8;

  const days = $derived(week.hours[0]?.days.map((day) => day.date) ?? datesFrom(week.from));
  const instant = $derived.by(() => {
    const day = days.indexOf(bench.at.slice(0, 10));
    const minute = Number(bench.at.slice(11, 13)) * 60 + Number(bench.at.slice(14, 16));
    return day < 0 ? undefined : ((day * DAY + minute) / (7 * DAY)) * 100;
  });

  /** Whether a mark beneath the axis stands where the bench's instant is written. */
  function covered(day: number, hour: number): boolean {
    const at = ((day * DAY + hour * 60) / (7 * DAY)) * 100;
    return instant !== undefined && (Math.abs(at - instant) * width) / 100 < COVERS;
  }

  function datesFrom(monday: string): string[] {
    const first = Date.parse(monday + 'T00:00Z');
    return Array.from({ length: 7 }, (_, day) =>
      new Date(first + day * 86_400_000).toISOString().slice(0, 10),
    );
  }

  function label(row: HoursRow): string {
    return row.next ? `${row.state} until ${timeOn(row.next.at, bench.at)}` : row.state;
  }

  function fits(stretch: StretchView): boolean {
    return ((stretch.to - stretch.from) / (7 * DAY)) * width >= stretch.state.length * LETTER + PAD;
  }

  function edge(row: HoursRow, day: DayView, from: number): Move {
    const key = row.object.slice(row.object.indexOf('/') + 1);
    return moving.at(key, day.date, from) ?? { key, date: day.date, from, to: from, alone: false };
  }

  interface Edge {
    day: DayView;
    index: number;
    from: number;
  }

  function edgesOf(row: HoursRow): Edge[] {
    return row.days.flatMap((day, index) => day.edges.map((from) => ({ day, index, from })));
  }

  /** Of all edges of a row the Tab key comes to one; ↑ and ↓ go from one to the next. */
  let stop = $state(0);

  function handles(event: Event): [HTMLElement[], number] {
    const all = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('[role=slider]')];
    return [all, all.indexOf(event.target as HTMLElement)];
  }

  function reached(event: FocusEvent) {
    const [, at] = handles(event);
    if (at >= 0) stop = at;
  }

  function between(event: KeyboardEvent) {
    const way = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const [all, at] = handles(event);
    if (!way || at < 0) return;
    event.preventDefault();
    all[Math.min(all.length - 1, Math.max(0, at + way))]?.focus();
  }

  const left = (day: number, minute: number) => `${((day * DAY + minute) / (7 * DAY)) * 100}%`;
  const LABEL = 'w-40 shrink-0 pr-3 pl-5';
</script>

<section class="relative border-b border-line bg-panel pt-1 pb-1" aria-label="Week">
  <div class="flex text-xs text-muted">
    <span class={LABEL}></span>
    <span class="relative grid grow grid-cols-7 pr-5">
      {#each days as day (day)}
        <span class="border-l border-line pl-1 {bench.at.startsWith(day) ? 'font-semibold text-water' : ''}"
          >{width / 7 >= DATED ? dayName(day) : dayOfWeek(day)}</span
        >
      {/each}
    </span>
  </div>
  {#each week.hours as row (row.object)}
    {@const tones = tonesOf(row.states)}
    {@const chosen = row.object === selected}
    <div class="flex items-center {chosen ? 'bg-wash/60' : ''}">
      <button
        class="{LABEL} min-w-0 py-1 text-left leading-4"
        aria-pressed={chosen}
        onclick={() => select(row.object)}
      >
        <span class="block truncate {chosen ? 'font-semibold text-water' : 'font-semibold'}">{row.title}</span
        >
        <span class="block truncate text-xs text-muted">{label(row)}</span>
      </button>
      <div class="min-w-0 grow pr-5">
        <!-- svelte-ignore a11y_no_noninteractive_element_interactions (its edges take the keys, which come up here) -->
        <div
          bind:clientWidth={width}
          class="relative h-6"
          role="group"
          aria-label={row.title}
          onkeydown={between}
          onfocusin={reached}
        >
          {#each row.days as day, index (day.date)}
            {#each day.stretches as stretch (stretch.from)}
              <span
                class="absolute top-0.5 bottom-0.5 overflow-hidden text-xs leading-5 whitespace-nowrap {FILL[
                  tones.get(stretch.state) ?? 'rest'
                ]}"
                style:left={left(index, stretch.from)}
                style:width="{((stretch.to - stretch.from) / (7 * DAY)) * 100}%"
                title="{dayName(day.date)} {clockOf(stretch.from)}–{clockOf(stretch.to)}: {stretch.state}"
                >{#if tones.get(stretch.state) !== 'rest' && fits(stretch)}<span class="px-1"
                    >{stretch.state}</span
                  >{/if}</span
              >
            {/each}
            {#if index > 0}<span class="absolute inset-y-0 w-px bg-panel" style:left={left(index, 0)}
              ></span>{/if}
          {/each}
          {#if site.open}
            <!-- By their places: the one that is moved is still the one that has the keys once it is kept. -->
            {@const edges = edgesOf(row)}
            {#each edges as { day, index, from }, place (place)}
              {@const move = edge(row, day, from)}
              <Handle
                value={move.to}
                min={0}
                max={DAY}
                step={QUARTER}
                scale={(7 * DAY) / Math.max(1, width)}
                label="{row.title}, {dayName(day.date)}, {clockOf(from)}"
                says={clockOf(move.to)}
                left={left(index, move.to)}
                moved={move.to !== from}
                asking={moving.asking}
                reached={chosen && place === Math.min(stop, edges.length - 1)}
                read={minuteOf}
                onmove={(to, alone) => moving.to({ ...move, to, alone })}
                onkeep={() => void moving.keep()}
                ondrop={() => moving.drop()}
              />
            {/each}
          {/if}
        </div>
      </div>
    </div>
  {/each}
  {#each week.switches as one (one.object)}
    {@const chosen = one.object === selected}
    <div class="flex items-center {chosen ? 'bg-wash/60' : ''}">
      <button
        class="{LABEL} min-w-0 py-1 text-left leading-4"
        aria-pressed={chosen}
        onclick={() => select(one.object)}
      >
        <span class="block truncate {chosen ? 'font-semibold text-water' : 'font-semibold'}">{one.title}</span
        >
        <span class="block truncate text-xs text-muted">switch{one.number ? `, ${one.number}` : ''}</span>
      </button>
      <div class="min-w-0 grow pr-5">
        <p class="truncate bg-moss/15 px-2 text-[13px] leading-5">
          {bench.of('turned', one.object.slice('switch/'.length)) ?? one.now}
          {#if bench.of('turned', one.object.slice('switch/'.length))}
            on the bench, <span class="text-muted">in the plan {one.now}</span>
          {:else if one.since}
            <span class="text-muted">since {dayAndTime(one.since.at)}, by {one.since.account}</span>
          {/if}
        </p>
      </div>
    </div>
  {/each}
  <div class="flex text-xs text-muted" aria-hidden="true">
    <span class={LABEL}></span>
    <span class="relative mr-5 h-4 grow font-mono">
      {#each days as day, index (day)}
        {#each hours as hour (hour)}
          {#if !covered(index, hour)}
            <span class="absolute -translate-x-1/2" style:left={left(index, hour * 60)}
              >{String(hour).padStart(2, '0')}</span
            >
          {/if}
        {/each}
      {/each}
      {#if instant !== undefined}
        <span class="absolute z-20 -translate-x-1/2 bg-water px-1 text-on" style:left="{instant}%"
          >{bench.at.slice(11, 16)}</span
        >
      {/if}
    </span>
  </div>
  {#if instant !== undefined}
    <div class="pointer-events-none absolute inset-y-0 right-5 left-40" aria-hidden="true">
      <div class="absolute top-1 bottom-4 w-0.5 bg-water" style:left="{instant}%"></div>
    </div>
  {/if}
  <p class="sr-only" role="status">
    {moving.would && moving.move ? `${clockOf(moving.move.to)}: ${moving.would.says}` : ''}
  </p>
</section>
<div class="no-print min-h-5 shrink-0 px-5 pt-1 pb-1 text-xs leading-4 text-muted">
  {#if moving.move && moving.would}
    <span class={moving.would.wrong ? 'wrong' : 'font-semibold text-ink'}>{moving.would.says}</span>
    · Enter keeps it, Esc leaves it
    {#if moving.preview.noticed}· <NoticedLines noticed={moving.preview.noticed} />
    {:else if moving.preview.asking}· asking who notices{/if}
  {:else if site.open}
    Move an edge by quarters of an hour with the mouse or ← →, ↑ ↓ go from edge to edge; four digits set the
    time; with Shift for that day alone.
  {/if}
</div>
