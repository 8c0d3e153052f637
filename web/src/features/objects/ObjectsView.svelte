<script lang="ts">
  import { untrack } from 'svelte';
  import { address } from '../../app/address.svelte';
  import { live } from '../../app/live.svelte';
  import { visit } from '../../app/links';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import type { FieldView, Wish } from '../../lib/api/types';
  import Empty from '../../lib/ui/Empty.svelte';
  import Grid, { type Column, type GridRow } from '../../lib/ui/Grid.svelte';
  import Tabs, { type Tab } from '../../lib/ui/Tabs.svelte';
  import { creating } from '../sheet/creating.svelte';
  import { takesLeaf, valueOf } from '../sheet/fields';
  import { kinds } from '../sheet/kinds.svelte';
  import ChangeAll from './ChangeAll.svelte';
  import { ObjectRows } from './objects.svelte';
  import { columnsOf, isNumbered } from './columns';
  import { tabsOf } from './tabs';

  /** The objects that a screen is about, kind by kind: found, put in order, opened, made, many changed at once. */
  let { screen, tabs: given }: { screen: Screen; tabs?: Tab[] } = $props();

  const all = kinds();
  const rows = new ObjectRows();
  const kind = $derived(address.query.get('kind') ?? screen.kinds[0] ?? '');
  const known = $derived(all.of(kind));
  const find = $derived(address.query.get('find') ?? '');
  const order = $derived(address.query.get('order') ?? '');
  const descending = $derived(address.query.get('down') === 'yes');
  const fields = $derived(known ? columnsOf(known) : []);
  const numbered = $derived(!known || isNumbered(known));
  const columns = $derived<Column[]>([
    { name: 'title', title: 'Name', width: 'minmax(9rem, 2fr)' },
    ...(numbered ? [{ name: 'number', title: 'Number', mono: true, width: '8rem' }] : []),
    ...fields.map((field): Column => ({ name: field.name, title: field.title, width: 'minmax(0, 1fr)' })),
    { name: 'uses', title: 'Used', mono: true, width: '4rem' },
  ]);
  let marked = $state.raw<ReadonlySet<string>>(new Set());
  let changing = $state(false);
  let filter = $state<HTMLInputElement>();

  $effect(() => {
    if (site.version === undefined || !known) return;
    const wanted = { kind, find, order, descending, columns: fields.map((field) => field.name) };
    untrack(() => rows.begin(wanted));
  });
  $effect(() => {
    void kind;
    untrack(() => (marked = new Set()));
  });

  const tabs = $derived(given ?? tabsOf(screen));

  function gridRow(index: number): GridRow | undefined {
    const one = rows.row(index);
    return (
      one && {
        key: one.object,
        cells: [
          one.title,
          ...(numbered ? [one.number ?? (kind === 'contact' ? one.key : '')] : []),
          ...one.cells,
          String(one.uses),
        ],
        href: address.to(screen.name, kind, one.key),
        by: live.changed.get(one.object),
      }
    );
  }

  function sort(column: string) {
    const down = order === column && !descending;
    address.set('order', column === 'uses' ? '' : column);
    address.set('down', down ? 'yes' : '');
  }

  function letter(typed: string) {
    filter?.focus();
    address.set('find', find + typed);
  }

  /** Cells of a spreadsheet, put into the fields of the column and those to its right. */
  function paste(targets: GridRow[], column: number, cells: string[][]) {
    const wishes: Wish[] = targets.flatMap((target, line) =>
      (cells[line] ?? []).flatMap((text, offset): Wish[] => {
        const field = fieldOf(column + offset);
        return field && takesLeaf(field)
          ? [
              {
                set: {
                  object: target.key,
                  field: '/' + field.name,
                  value: text.trim() ? valueOf(field, text) : null,
                },
              },
            ]
          : [];
      }),
    );
    if (wishes.length) site.change(...wishes).catch(site.fail.bind(site));
  }

  function fieldOf(column: number): FieldView | undefined {
    const name = columns[column]?.name;
    const wanted = name === 'title' ? 'name' : name;
    return known?.fields.find((field) => field.name === wanted);
  }
</script>

<div class="flex min-h-0 grow flex-col">
  <div class="px-5 pt-3">
    <div class="flex items-start justify-between gap-4">
      <h1 class="text-lg font-semibold">{screen.title}</h1>
      <div class="flex items-center gap-2">
        {#if marked.size && site.open}
          <button class="plain" onclick={() => (changing = true)}>Change a field of {marked.size}</button>
        {/if}
        <input
          bind:this={filter}
          class="w-48"
          value={find}
          oninput={(event) => address.set('find', event.currentTarget.value)}
          placeholder="Name, number or key"
          aria-label="Filter"
        />
        {#if site.open && known && !known.single}
          <button class="primary" onclick={() => creating.begin(kind)}>New {known.title}</button>
        {/if}
      </div>
    </div>
    {#if tabs.length > 1}<div class="mt-1">
        <Tabs {tabs} current={kind} label="Kinds" />
      </div>{:else}<div class="h-2"></div>{/if}
  </div>
  {#if rows.known && rows.total === 0}
    <Empty title={find ? `No ${known?.title ?? ''} is called “${find}”.` : `No ${known?.title ?? ''} yet.`}>
      {#if find}
        <button class="plain" onclick={() => address.set('find', '')}>Show all</button>
      {:else if site.open && known}
        <button class="primary" onclick={() => creating.begin(kind)}>Make the first {known.title}</button>
      {/if}
    </Empty>
  {:else if known}
    <Grid
      label={known.several}
      {columns}
      total={rows.total}
      row={gridRow}
      everything={() => rows.everything()}
      onrange={(from, to) => rows.inSight(from, to)}
      onopen={(row) => visit(row.href)}
      onsort={sort}
      sorted={order}
      {descending}
      onletter={letter}
      {marked}
      onmark={(keys) => (marked = keys)}
      onpaste={site.open ? paste : undefined}
    />
    <p class="no-print border-t border-line bg-panel px-4 py-0.5 text-xs text-muted">
      ↑↓←→ cell · Enter open · type to filter · Space, Shift, Ctrl+A mark · Ctrl+C copy · Ctrl+V paste · {rows.total}
      {rows.total === 1 ? known.title : known.several}
    </p>
  {:else}
    <p class="p-6 text-muted" role="status">Opening.</p>
  {/if}
</div>
{#if known}<ChangeAll bind:open={changing} kind={known} objects={[...marked]} />{/if}
