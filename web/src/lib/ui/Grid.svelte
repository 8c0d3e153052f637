<script lang="ts" module>
  export interface Column {
    name: string;
    title: string;
    mono?: boolean;
    /** A track of a CSS grid: `8rem`, `1fr`. */
    width?: string;
    /** Whether its title stands upright, since it is much longer than what is under it. */
    upright?: boolean;
    /** Where its title leads. */
    href?: string;
  }

  export interface GridRow {
    key: string;
    cells: string[];
    href: string;
    /** Somebody who has just changed it. */
    by?: string;
  }
</script>

<script lang="ts">
  import { Virtualizer, type VirtualizerHandle } from 'virtua/svelte';
  import { flushSync, tick, type Snippet } from 'svelte';

  /** Rows by the thousand: those in sight are drawn, and a keyboard goes through them as through a spreadsheet. */
  interface Props {
    label: string;
    columns: Column[];
    total: number;
    /** The row of a place, where it is known by now. */
    row: (index: number) => GridRow | undefined;
    /** Which rows are in sight, so that they can be asked for. */
    onrange: (from: number, to: number) => void;
    /** Makes all rows known; they are about to be printed. */
    everything: () => Promise<void>;
    /** Before and after it stands on paper. */
    onpaper?: (printing: boolean) => void;
    onopen: (row: GridRow) => void;
    onsort?: (column: string) => void;
    sorted?: string;
    descending?: boolean;
    /** Letters typed on the grid go to what filters it. */
    onletter?: (letter: string) => void;
    marked: ReadonlySet<string>;
    onmark: (marked: ReadonlySet<string>) => void;
    onpaste?: (rows: GridRow[], column: number, cells: string[][]) => void;
    /** Takes a key on a cell before the grid does; says whether it has. */
    oncell?: (row: GridRow, column: string, key: string) => boolean;
    /** Which row the keys go to. */
    oncurrent?: (row: GridRow | undefined) => void;
    /** Which is touched by what is looked at. */
    lit?: (row: GridRow) => boolean;
    /** A cell as more than its text: what is typed into it. */
    editing?: Snippet<[GridRow, string]>;
    edited?: { key: string; column: string };
  }
  let {
    label,
    columns,
    total,
    row,
    onrange,
    everything,
    onpaper,
    onopen,
    onsort,
    sorted,
    descending,
    onletter,
    marked,
    onmark,
    onpaste,
    oncell,
    oncurrent,
    lit,
    editing,
    edited,
  }: Props = $props();

  const HEIGHT = 28;
  const PAGE = 15;
  let body = $state<HTMLElement>();
  let list = $state<VirtualizerHandle>();
  let at = $state(0);
  /** On paper all rows that are known stand, not those in sight alone. */
  let printing = $state(false);
  let column = $state(0);
  let anchor = $state(0);
  /** Cells marked as a block reach from here to the current column. */
  let side = $state(0);
  const block = $derived(
    at === anchor && column === side
      ? undefined
      : {
          top: Math.min(at, anchor),
          bottom: Math.max(at, anchor),
          left: Math.min(column, side),
          right: Math.max(column, side),
        },
  );
  const upright = $derived(columns.some((one) => one.upright));
  const template = $derived(columns.map((one) => one.width ?? 'minmax(0, 1fr)').join(' '));
  const places = $derived(Array.from({ length: total }, (_, index) => index));
  const absent = $derived(printing ? places.filter((index) => !row(index)).length : 0);

  $effect(() => {
    if (at >= total) at = Math.max(0, total - 1);
  });
  $effect(() => {
    if (total) report();
  });

  function report() {
    const offset = list?.getScrollOffset() ?? 0;
    const height = body?.clientHeight ?? 600;
    onrange(Math.floor(offset / HEIGHT), Math.ceil((offset + height) / HEIGHT));
  }

  async function go(to: number, extend: boolean) {
    at = Math.min(Math.max(to, 0), total - 1);
    if (extend && !oncell) mark(anchor, at);
    else if (!extend) {
      anchor = at;
      side = column;
    }
    list?.scrollToIndex(at, { align: 'nearest' });
    await tick();
  }

  function paper(now: boolean) {
    printing = now;
    onpaper?.(now);
  }

  function mark(from: number, to: number) {
    const keys = new Set<string>();
    for (let index = Math.min(from, to); index <= Math.max(from, to); index++) {
      const key = row(index)?.key;
      if (key) keys.add(key);
    }
    onmark(keys);
  }

  function turn(key: string) {
    const next = new Set(marked);
    if (!next.delete(key)) next.add(key);
    onmark(next);
  }

  function across(to: number, extend: boolean) {
    column = Math.min(Math.max(to, 0), columns.length - 1);
    if (extend && oncell) return;
    side = column;
    anchor = at;
  }

  $effect(() => {
    oncurrent?.(row(at));
  });

  function keyed(event: KeyboardEvent) {
    if ((event.target as Element).closest('input')) return;
    const control = event.ctrlKey || event.metaKey;
    const open = row(at);
    const actions: Record<string, () => void> = {
      ArrowDown: () => void go(at + 1, event.shiftKey),
      ArrowUp: () => void go(at - 1, event.shiftKey),
      PageDown: () => void go(at + PAGE, event.shiftKey),
      PageUp: () => void go(at - PAGE, event.shiftKey),
      Home: () => void go(0, event.shiftKey),
      End: () => void go(total - 1, event.shiftKey),
      ArrowRight: () => across(column + 1, event.shiftKey),
      ArrowLeft: () => across(column - 1, event.shiftKey),
      Enter: () => open && onopen(open),
      Escape: () => onmark(new Set()),
      ' ': () => open && turn(open.key),
    };
    if (control && event.key.toLowerCase() === 'a') {
      event.preventDefault();
      mark(0, total - 1);
      return;
    }
    if (control) return;
    const name = columns[column]?.name;
    if (open && name && oncell?.(open, name, event.key)) {
      event.preventDefault();
      return;
    }
    const action = actions[event.key];
    if (action) {
      event.preventDefault();
      action();
    } else if (event.key.length === 1 && !event.altKey && onletter) {
      event.preventDefault();
      onletter(event.key);
    }
  }

  function rows(): GridRow[] {
    const chosen = places
      .map((index) => row(index))
      .filter((one) => one !== undefined && marked.has(one.key));
    const current = row(at);
    return (chosen.length ? chosen : current ? [current] : []) as GridRow[];
  }

  /** The cells of the block, or of the current cell where there is none. */
  function cellsOf(): string[][] {
    const { top, bottom, left, right } = block ?? { top: at, bottom: at, left: column, right: column };
    return places
      .slice(top, bottom + 1)
      .map((index) => row(index)?.cells.slice(left, right + 1))
      .filter((cells) => cells !== undefined);
  }

  function copied(event: ClipboardEvent) {
    if (window.getSelection()?.toString() || (event.target as Element).closest('input')) return;
    event.preventDefault();
    if (oncell) {
      event.clipboardData?.setData(
        'text/plain',
        cellsOf()
          .map((cells) => cells.join('\t'))
          .join('\n'),
      );
      return;
    }
    event.clipboardData?.setData(
      'text/plain',
      rows()
        .map((one) => one.cells.join('\t'))
        .join('\n'),
    );
  }

  function pasted(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain');
    if (!text || !onpaste || (event.target as Element).closest('input')) return;
    event.preventDefault();
    const cells = text
      .replace(/\r/g, '')
      .replace(/\n$/, '')
      .split('\n')
      .map((line) => line.split('\t'));
    const from = oncell ? row(block?.top ?? at) : rows()[0];
    const start = from ? places.findIndex((index) => row(index)?.key === from.key) : at;
    const targets = cells.map((_, index) => row(start + index)).filter((one) => one !== undefined);
    onpaste(targets, block?.left ?? column, cells);
  }

  /** Ctrl marks one more, Shift all up to it; a link in the row goes its own way. */
  function clicked(event: MouseEvent, index: number, key: string) {
    if ((event.target as Element).closest('a')) return;
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault();
      turn(key);
    } else if (event.shiftKey) {
      event.preventDefault();
      if (!oncell) mark(at, index);
    }
    at = index;
    const cell = (event.target as Element).closest<HTMLElement>('[data-column]');
    if (cell) column = Number(cell.dataset.column);
    if (!event.shiftKey) {
      anchor = at;
      side = column;
    }
  }

  /** Twice on a cell is what the keyboard does there: what can be typed opens, what is in or out turns. */
  function pressedTwice(one: GridRow) {
    const name = columns[column]?.name;
    if (name && oncell && !oncell(one, name, 'd')) oncell(one, name, ' ');
  }

  function inBlock(index: number, place: number): boolean {
    return (
      block !== undefined &&
      index >= block.top &&
      index <= block.bottom &&
      place >= block.left &&
      place <= block.right
    );
  }
</script>

{#snippet line(index: number)}
  {@const one = row(index)}
  <!-- svelte-ignore a11y_click_events_have_key_events (the grid itself takes the keys) -->
  <div
    role="row"
    tabindex="-1"
    onclick={(event) => one && clicked(event, index, one.key)}
    ondblclick={() => one && pressedTwice(one)}
    id="{label}-row-{index}"
    aria-rowindex={index + 2}
    aria-selected={one ? marked.has(one.key) : false}
    class="grid items-center border-b border-line px-4 {printing ? 'min-h-7' : 'h-7'} {one &&
    marked.has(one.key)
      ? 'bg-reed/15'
      : one && lit?.(one)
        ? 'bg-water/10'
        : ''} {index === at ? 'bg-wash' : 'hover:bg-wash/60'}"
    style:grid-template-columns={template}
  >
    {#if one}
      {#each columns as cell, place (cell.name)}
        <span
          role="gridcell"
          data-column={place}
          class="truncate {cell.upright
            ? 'h-full border-l border-line text-center text-[13px] leading-7'
            : 'pr-3'} {cell.mono ? 'font-mono text-[13px]' : ''} {inBlock(index, place)
            ? 'bg-reed/15'
            : ''} {index === at && place === column ? 'outline-2 -outline-offset-1 outline-reed' : ''}"
          title={cell.upright ? one.cells[place] : undefined}
        >
          {#if editing && edited?.key === one.key && edited.column === cell.name}
            {@render editing(one, cell.name)}
          {:else if place === 0}
            <a class="link" href={one.href} tabindex="-1">{one.cells[place]}</a>
          {:else}{one.cells[place]}{/if}
          {#if place === 1 && one.by}<span class="ml-1 bg-wash px-1 text-xs font-semibold text-water"
              >{one.by}</span
            >{/if}
        </span>
      {/each}
    {:else}<span role="gridcell" class="text-muted">…</span>{/if}
  </div>
{/snippet}

<svelte:window
  onbeforeprint={() => flushSync(() => paper(true))}
  onafterprint={() => paper(false)}
  onkeydown={(event) => {
    if ((event.ctrlKey || event.metaKey) && event.key === 'p' && places.some((index) => !row(index))) {
      event.preventDefault();
      void everything().then(() => window.print());
    }
  }}
/>

<div
  bind:this={body}
  role="grid"
  tabindex="0"
  aria-label={label}
  aria-rowcount={total + 1}
  aria-colcount={columns.length}
  aria-multiselectable="true"
  aria-activedescendant={total ? `${label}-row-${at}` : undefined}
  class="min-h-0 grow overflow-auto bg-panel focus-visible:outline-offset-[-2px]"
  onkeydown={keyed}
  oncopy={copied}
  onpaste={pasted}
>
  <div
    role="row"
    aria-rowindex={1}
    class="grid border-y border-line px-4 {upright ? 'sticky top-0 z-10 bg-panel' : ''}"
    style:grid-template-columns={template}
  >
    {#each columns as one (one.name)}
      <span
        role="columnheader"
        class="font-semibold {one.upright
          ? 'h-28 self-end overflow-hidden border-r border-line px-1 pb-1 [writing-mode:vertical-rl] rotate-180 text-left leading-4'
          : 'truncate py-0.5 self-end'}"
        title={one.upright ? one.title : undefined}
        aria-sort={sorted === one.name ? (descending ? 'descending' : 'ascending') : 'none'}
      >
        {#if onsort}
          <button class="font-semibold" tabindex="-1" onclick={() => onsort(one.name)}
            >{one.title} {sorted === one.name ? (descending ? '↓' : '↑') : ''}</button
          >
        {:else if one.href}<a class="hover:underline" href={one.href} tabindex="-1">{one.title}</a>
        {:else}{one.title}{/if}
      </span>
    {/each}
  </div>
  <div role="rowgroup">
    {#if printing}
      {#each places.filter((index) => row(index)) as index (index)}{@render line(index)}{/each}
      {#if absent}
        <p class="px-4 py-1">
          {absent} more {absent === 1 ? 'row is' : 'rows are'} not on this paper: Ctrl+P fetches them first.
        </p>
      {/if}
    {:else}
      <Virtualizer
        bind:this={list}
        scrollRef={body}
        startMargin={upright ? 112 : HEIGHT}
        data={places}
        getKey={(index) => index}
        itemSize={HEIGHT}
        onscroll={report}
      >
        {#snippet children(index)}{@render line(index)}
        {/snippet}
      </Virtualizer>
    {/if}
  </div>
</div>
