<script lang="ts">
  import type { RowView } from '../../../lib/api/types';
  import { clock, span } from '../../../lib/clock';
  import { outline } from '../outline.svelte';
  import Part from './Part.svelte';

  let { row, hovered }: { row: RowView; hovered: boolean } = $props();

  const lit = $derived(outline.lit.get(row.number));
  const selected = $derived(outline.selected === row.number);
  const open = $derived(outline.isOpen(row));
</script>

<!-- svelte-ignore a11y_click_events_have_key_events (the outline itself takes the keys) -->
<div
  role="row"
  tabindex="-1"
  id="row-{row.number}"
  aria-level={row.depth + 1}
  aria-selected={selected}
  aria-expanded={row.opens ? open : undefined}
  class="flex min-h-6 items-start border-l-4 pr-3 leading-6 outline-offset-[-2px]
    {lit ? 'border-l-water bg-wash/60' : 'border-l-transparent'} {selected
    ? 'outline-2 outline-reed'
    : ''} {hovered ? 'bg-wash' : ''}"
  onclick={() => (outline.selected = row.number)}
>
  <span role="gridcell" class="w-8 shrink-0 pr-2 text-right font-mono text-xs leading-6 text-muted"
    >{row.number}</span
  >
  <span
    role="gridcell"
    class="w-24 shrink-0 pr-3 text-right font-mono text-[13px] whitespace-nowrap {lit
      ? 'font-bold text-water'
      : 'text-muted'}"
    title={lit
      ? `This call comes here at ${clock(lit.second)}`
      : 'Earliest and latest second at which a caller comes here'}
    >{lit ? clock(lit.second) : span(row.earliest, row.latest)}</span
  >
  {#each Array(row.depth).keys() as level (level)}<span
      class="w-5 shrink-0 self-stretch border-l border-line"
      aria-hidden="true"
    ></span>{/each}
  <span role="gridcell" class="w-6 shrink-0">
    {#if row.opens}
      <button
        tabindex="-1"
        class="h-6 w-6 text-muted"
        aria-label={open ? 'Close' : 'Open'}
        onclick={(event) => {
          event.stopPropagation();
          outline.turn(row, !open);
        }}>{open ? '▾' : '▸'}</button
      >
    {/if}
  </span>
  <span role="gridcell" class="min-w-0 grow">
    <span class="flex flex-wrap items-baseline gap-x-1.5 leading-6">
      {#each row.parts as part, index (index)}<Part {part} /> <wbr class="hidden" />{/each}
    </span>
  </span>
  <span role="gridcell" class="shrink-0 pl-3 text-xs leading-6 whitespace-nowrap text-muted">
    {#if row.findings}<span
        class="mr-2 font-bold {row.blocking ? 'text-clay' : 'text-reed'}"
        title="Findings here, beside"
        >{row.blocking ? '✕' : '!'}
        {row.findings}<span class="sr-only">{row.blocking ? 'blocking' : 'doubtful'}</span></span
      >{/if}
    {#if row.asRow}<button
        tabindex="-1"
        class="token"
        onclick={(event) => {
          event.stopPropagation();
          outline.reveal(row.asRow ?? 1);
        }}>as at row {row.asRow}</button
      >
    {:else if !open}+ {outline.under(row)} rows
    {:else if row.leftOut}<button
        tabindex="-1"
        class="token"
        onclick={(event) => {
          event.stopPropagation();
          outline.want(row);
        }}>+ {row.leftOut} rows</button
      >
    {:else if row.uses > 1 && row.object}used {row.uses}×{/if}
  </span>
</div>
