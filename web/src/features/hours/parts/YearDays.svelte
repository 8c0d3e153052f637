<script lang="ts">
  import { dayName } from '../../../app/said';
  import type { DayView, StateView } from '../../../lib/api/types';
  import { bench } from '../../bench/bench.svelte';
  import { clockOf, FILL, tonesOf } from '../hours.svelte';

  /** The year by days, a row a month: each day in the tone of the state that it has longest besides what holds else. */
  let { year, states }: { year: DayView[]; states: StateView[] } = $props();

  const DAY = 24 * 60;
  const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
  const tones = $derived(tonesOf(states));
  const rest = $derived(states.at(-1)?.state);

  const months = $derived.by(() => {
    const rows = new Map<string, DayView[]>();
    for (const day of year.slice(0, 366)) {
      const month = day.date.slice(0, 7);
      rows.set(month, [...(rows.get(month) ?? []), day]);
    }
    return [...rows];
  });

  function longest(day: DayView): { state: string; minutes: number } {
    const minutes = new Map<string, number>();
    for (const one of day.stretches) {
      if (one.state !== rest) minutes.set(one.state, (minutes.get(one.state) ?? 0) + one.to - one.from);
    }
    const [state, most] = [...minutes].sort((a, b) => b[1] - a[1])[0] ?? [rest ?? '', DAY];
    return { state, minutes: most };
  }

  function said(day: DayView): string {
    const parts = day.stretches
      .filter((one) => one.state !== rest || day.stretches.length === 1)
      .map((one) =>
        one.to - one.from === DAY ? one.state : `${one.state} ${clockOf(one.from)}–${clockOf(one.to)}`,
      );
    return `${dayName(day.date)}: ${parts.join(', ')}`;
  }

  function step(event: KeyboardEvent) {
    const days = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 28, ArrowUp: -28 }[event.key];
    const cells = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('[data-day]')];
    const at = cells.indexOf(event.target as HTMLElement);
    if (!days || at < 0) return;
    event.preventDefault();
    cells[Math.min(cells.length - 1, Math.max(0, at + days))]?.focus();
  }

  const first = $derived(
    year.some((day) => bench.at.startsWith(day.date)) ? bench.at.slice(0, 10) : year[0]?.date,
  );
</script>

<!-- svelte-ignore a11y_no_static_element_interactions (the days in it take the keys, which come up here) -->
<div class="px-5 py-2" onkeydown={step}>
  <div class="flex pl-9 font-mono text-[11px] leading-3 text-muted" aria-hidden="true">
    {#each Array.from({ length: 31 }, (_, index) => index + 1) as day (day)}
      <span class="flex-1 text-center">{day === 1 || day % 5 === 0 ? day : ''}</span>
    {/each}
  </div>
  {#each months as [month, days] (month)}
    <div class="flex items-center">
      <span class="w-9 shrink-0 text-[11px] leading-3.5 text-muted"
        >{MONTHS[Number(month.slice(5)) - 1]}{month.endsWith('-01') ? ` ${month.slice(2, 4)}` : ''}</span
      >
      {#each Array.from({ length: 31 }, (_, index) => index + 1) as number (number)}
        {@const day = days.find((one) => Number(one.date.slice(8)) === number)}
        {#if day}
          {@const most = longest(day)}
          {@const tone = tones.get(most.state) ?? 'rest'}
          <button
            data-day={day.date}
            tabindex={day.date === first ? 0 : -1}
            class="m-px h-3 flex-1 {FILL[tone]} {bench.at.startsWith(day.date)
              ? 'outline-2 outline-ink'
              : ''} focus-visible:z-10"
            style:opacity={tone === 'rest' || tone === 'reed' ? 1 : 0.35 + (0.65 * most.minutes) / DAY}
            title={said(day)}
            aria-label={said(day)}
            onclick={() => bench.set('at', day.date + bench.at.slice(10))}
          ></button>
        {:else}<span class="m-px h-3 flex-1"></span>{/if}
      {/each}
    </div>
  {/each}
  <p class="mt-1 flex flex-wrap gap-x-4 pl-9 text-xs text-muted">
    {#each states as one (one.state)}
      <span class="flex items-center gap-1"
        ><span class="inline-block h-2.5 w-4 {FILL[tones.get(one.state) ?? 'rest']}"></span>{one.state}</span
      >
    {/each}
    <span>the longer in a day, the darker; Enter puts the day on the bench</span>
  </p>
</div>
