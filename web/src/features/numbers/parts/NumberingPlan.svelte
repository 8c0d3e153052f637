<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { sheetOf, visit } from '../../../app/links';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { BlockView, UsedView } from '../../../lib/api/types';
  import Empty from '../../../lib/ui/Empty.svelte';
  import FindingNote from '../../findings/FindingNote.svelte';
  import { creating } from '../../sheet/creating.svelte';
  import { kinds } from '../../sheet/kinds.svelte';

  /** Blocks of numbers as cells, used and free, with the next free one; what is outside of them or in the way. */
  const all = kinds();
  const query = askPlan(() => ({
    key: ['numbering'],
    ask: (signal) => api.numbering(address.site, address.plan, signal),
  }));
  const view = $derived(query.data);
  /** Cells are drawn one a number up to here, else one for several. */
  const CELLS = 400;
  /** Of numbers in no block so many are written out at first. */
  let outside = $state(200);

  interface Cell {
    from: string;
    count: number;
    used: UsedView[];
  }

  function cells(block: BlockView): Cell[] {
    const each = Math.ceil(block.size / CELLS);
    const first = Number(block.from);
    const count = Math.ceil(block.size / each);
    const made: Cell[] = Array.from({ length: count }, (_, index) => ({
      from: String(first + index * each).padStart(block.from.length, '0'),
      count: Math.min(each, block.size - index * each),
      used: [],
    }));
    for (const one of block.used) made[Math.floor((Number(one.number) - first) / each)]?.used.push(one);
    return made;
  }

  function said(cell: Cell): string {
    if (cell.count === 1) {
      const one = cell.used[0];
      return one ? `${cell.from} ${one.title}${one.fits ? '' : ', of another kind'}` : `${cell.from} free`;
    }
    return `${cell.count} numbers from ${cell.from}, ${cell.used.length} used`;
  }

  function open(block: BlockView, cell: Cell) {
    const one = cell.used[0];
    if (one) visit(sheetOf(one.object));
    else if (site.open) {
      const kind = all.all.find((known) => known.several === block.use);
      // A cell that stands for several numbers means the first of them that is free.
      const number = cell.count === 1 ? cell.from : '';
      if (kind) creating.begin(kind.kind, kind.keys === 'words' ? { number } : { key: number });
    }
  }

  function moved(event: KeyboardEvent) {
    const step = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: 50, ArrowUp: -50 }[event.key];
    const buttons = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('button')];
    const at = buttons.indexOf(event.target as HTMLElement);
    if (!step || at < 0) return;
    event.preventDefault();
    buttons[Math.min(buttons.length - 1, Math.max(0, at + step))]?.focus();
  }
</script>

<div class="min-h-0 grow overflow-auto px-5 py-2" role="group" aria-label="Numbering plan">
  {#if view}
    {#each view.blocks as block (block.from)}
      {@const share = block.used.length / block.size}
      <section class="border-b border-line py-2" aria-label="{block.from} to {block.to}">
        <p>
          <b class="font-mono text-[13px]">{block.from}–{block.to}</b>
          {block.use}{block.note ? `, ${block.note}` : ''}
          <span class="text-muted"
            >· {block.used.length} of {block.size} used, {Math.round(share * 100)}% ·
            {#if block.next}next free <b class="font-mono text-[13px] text-ink">{block.next}</b>{:else}<span
                class="text-clay">full</span
              >{/if}</span
          >
        </p>
        <!-- svelte-ignore a11y_no_static_element_interactions (the cells take the keys, which come up here) -->
        <div class="mt-1 grid grid-cols-[repeat(50,minmax(0,1fr))] gap-px" onkeydown={moved}>
          {#each cells(block) as cell, index (cell.from)}
            <button
              class="h-3.5 {cell.used.length
                ? cell.used.every((one) => one.fits)
                  ? 'bg-water'
                  : 'bg-clay'
                : 'bg-line/60'}"
              style:opacity={cell.count > 1 && cell.used.length
                ? 0.35 + (0.65 * cell.used.length) / cell.count
                : 1}
              tabindex={index === 0 ? 0 : -1}
              title={said(cell)}
              aria-label={said(cell)}
              onclick={() => open(block, cell)}
            ></button>
          {/each}
        </div>
      </section>
    {:else}
      <Empty title="No block of numbers is set aside yet: new objects get no number by themselves.">
        {#if site.open && site.view}<a class="link" href={address.to('overview', 'site', site.view.key)}
            >Set blocks aside on the site's sheet</a
          >{/if}
      </Empty>
    {/each}
    {#if view.outside.length}
      <section class="py-2">
        <h2 class="font-semibold">In no block</h2>
        <p class="flex flex-wrap gap-x-4">
          {#each view.outside.slice(0, outside) as one (one.number)}<a
              class="hover:underline"
              href={sheetOf(one.object)}
              ><span class="font-mono text-[13px]">{one.number}</span> {one.title}</a
            >{/each}
        </p>
        {#if view.outside.length > outside}
          <p class="mt-1">
            <button class="plain" onclick={() => (outside = Infinity)}>Show all {view.outside.length}</button>
          </p>
        {/if}
      </section>
    {/if}
    <section class="py-2">
      <h2 class="font-semibold">In the way of each other</h2>
      {#each view.conflicts as finding, index (index)}
        <FindingNote {finding} />
      {:else}<p class="text-muted">
          Nothing: each number is dialled at once, and stands in its block.
        </p>{/each}
      {#if view.total > view.conflicts.length}
        <p class="mt-1 text-muted">
          and {view.total - view.conflicts.length} more in
          <a class="link" href={address.to('findings')}>Findings</a>
        </p>
      {/if}
    </section>
  {:else}
    <p class="text-muted" role="status">Opening.</p>
  {/if}
</div>
