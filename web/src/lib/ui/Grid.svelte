<script lang="ts" module>
  export interface Column {
    name: string;
    title: string;
    mono?: boolean;
    /** A track of a CSS grid: `8rem`, `1fr`. */
    width?: string;
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
  import { tick } from 'svelte';

  /** Rows by the thousand: those in sight are drawn, and a keyboard goes through them as through a spreadsheet. */
  interface Props {
    label: string;
    columns: Column[];
    total: number;
    /** The row of a place, where it is known by now. */
    row: (index: number) => GridRow | undefined;
    /** Which rows are in sight, so that they can be asked for. */
    onrange: (from: number, to: number) => void;
    onopen: (row: GridRow) => void;
    onsort?: (column: string) => void;
    sorted?: string;
    descending?: boolean;
    /** Letters typed on the grid go to what filters it. */
    onletter?: (letter: string) => void;
    marked: ReadonlySet<string>;
    onmark: (marked: ReadonlySet<string>) => void;
    onpaste?: (rows: GridRow[], column: number, cells: string[][]) => void;
  }
  let {
    label,
    columns,
    total,
    row,
    onrange,
    onopen,
    onsort,
    sorted,
    descending,
    onletter,
    marked,
    onmark,
    onpaste,
  }: Props = $props();

  const HEIGHT = 28;
  const PAGE = 15;
  let body = $state<HTMLElement>();
  let list = $state<VirtualizerHandle>();
  let at = $state(0);
  let column = $state(0);
  let anchor = $state(0);
  const template = $derived(columns.map((one) => one.width ?? 'minmax(0, 1fr)').join(' '));
  const places = $derived(Array.from({ length: total }, (_, index) => index));

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
    if (extend) mark(anchor, at);
    else anchor = at;
    list?.scrollToIndex(at, { align: 'nearest' });
    await tick();
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

  function keyed(event: KeyboardEvent) {
    const control = event.ctrlKey || event.metaKey;
    const open = row(at);
    const actions: Record<string, () => void> = {
      ArrowDown: () => void go(at + 1, event.shiftKey),
      ArrowUp: () => void go(at - 1, event.shiftKey),
      PageDown: () => void go(at + PAGE, event.shiftKey),
      PageUp: () => void go(at - PAGE, event.shiftKey),
      Home: () => void go(0, event.shiftKey),
      End: () => void go(total - 1, event.shiftKey),
      ArrowRight: () => (column = Math.min(column + 1, columns.length - 1)),
      ArrowLeft: () => (column = Math.max(column - 1, 0)),
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

  function copied(event: ClipboardEvent) {
    if (window.getSelection()?.toString()) return;
    event.preventDefault();
    event.clipboardData?.setData(
      'text/plain',
      rows()
        .map((one) => one.cells.join('\t'))
        .join('\n'),
    );
  }

  function pasted(event: ClipboardEvent) {
    const text = event.clipboardData?.getData('text/plain');
    if (!text || !onpaste) return;
    event.preventDefault();
    const cells = text
      .replace(/\r/g, '')
      .replace(/\n$/, '')
      .split('\n')
      .map((line) => line.split('\t'));
    const from = rows()[0];
    const start = from ? places.findIndex((index) => row(index)?.key === from.key) : at;
    const targets = cells.map((_, index) => row(start + index)).filter((one) => one !== undefined);
    onpaste(targets, column, cells);
  }

  /** Ctrl marks one more, Shift all up to it; a link in the row goes its own way. */
  function clicked(event: MouseEvent, index: number, key: string) {
    if ((event.target as Element).closest('a')) return;
    if (event.ctrlKey || event.metaKey) {
      event.preventDefault();
      turn(key);
    } else if (event.shiftKey) {
      event.preventDefault();
      mark(at, index);
    }
    at = index;
  }
</script>

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
    class="grid border-y border-line px-4"
    style:grid-template-columns={template}
  >
    {#each columns as one (one.name)}
      <span
        role="columnheader"
        class="truncate py-0.5 font-semibold"
        aria-sort={sorted === one.name ? (descending ? 'descending' : 'ascending') : 'none'}
      >
        {#if onsort}
          <button class="font-semibold" tabindex="-1" onclick={() => onsort(one.name)}
            >{one.title} {sorted === one.name ? (descending ? '↓' : '↑') : ''}</button
          >
        {:else}{one.title}{/if}
      </span>
    {/each}
  </div>
  <div role="rowgroup">
    <Virtualizer
      bind:this={list}
      scrollRef={body}
      startMargin={HEIGHT}
      data={places}
      getKey={(index) => index}
      itemSize={HEIGHT}
      onscroll={report}
    >
      {#snippet children(index)}
        {@const one = row(index)}
        <!-- svelte-ignore a11y_click_events_have_key_events (the grid itself takes the keys) -->
        <div
          role="row"
          tabindex="-1"
          onclick={(event) => one && clicked(event, index, one.key)}
          id="{label}-row-{index}"
          aria-rowindex={index + 2}
          aria-selected={one ? marked.has(one.key) : false}
          class="grid h-7 items-center border-b border-line px-4 {one && marked.has(one.key)
            ? 'bg-reed/15'
            : ''} {index === at ? 'bg-wash' : 'hover:bg-wash/60'}"
          style:grid-template-columns={template}
        >
          {#if one}
            {#each columns as cell, place (cell.name)}
              <span
                role="gridcell"
                class="truncate pr-3 {cell.mono ? 'font-mono text-[13px]' : ''} {index === at &&
                place === column
                  ? 'outline-2 -outline-offset-1 outline-reed'
                  : ''}"
              >
                {#if place === 0}
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
    </Virtualizer>
  </div>
</div>
