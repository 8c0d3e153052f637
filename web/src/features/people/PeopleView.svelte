<script lang="ts">
  import { untrack } from 'svelte';
  import { address } from '../../app/address.svelte';
  import { listOf, sheetOf, visit } from '../../app/links';
  import { live } from '../../app/live.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import type { Wish } from '../../lib/api/types';
  import Empty from '../../lib/ui/Empty.svelte';
  import Grid, { type Column, type GridRow } from '../../lib/ui/Grid.svelte';
  import Later from '../../lib/ui/Later.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';
  import { kinds } from '../sheet/kinds.svelte';
  import FromSpreadsheet from './parts/FromSpreadsheet.svelte';
  import PersonSide from './parts/PersonSide.svelte';
  import { afterKey, memberOf, PeopleRows, plainCell, shownCell, wishedCell } from './people.svelte';

  /** People by the groups, queues and pages that they are in; a cell says how, and is changed by the keyboard. */
  let { screen }: { screen: Screen } = $props();

  const all = kinds();
  const rows = new PeopleRows();
  const kind = $derived(address.query.get('kind') ?? '');
  const find = $derived(address.query.get('find') ?? '');
  const known = $derived(all.of('extension'));
  const groups = $derived(rows.view?.columns ?? []);
  let filter = $state<HTMLInputElement>();
  let current = $state.raw<GridRow | undefined>();
  let edited = $state<{ key: string; column: string }>();
  let typed = $state('');
  let pasting = $state(false);
  let width = $state(900);
  let printing = $state(false);

  $effect(() => {
    if (site.version === undefined || kind) return;
    const wanted = find;
    untrack(() => rows.begin({ find: wanted }));
  });

  /** Of many groups those are shown for which there is room; the others are a step to the side. */
  const CELL = 56;
  const PEOPLE = 470;
  let first = $state(0);
  /** A sheet of A4 across. */
  const PAPER = 1032;
  const room = $derived(Math.max(3, Math.floor(((printing ? PAPER : width) - PEOPLE) / CELL)));
  const start = $derived(Math.min(first, Math.max(0, groups.length - room)));
  const shown = $derived(groups.slice(start, start + room));
  const columns = $derived<Column[]>([
    { name: 'number', title: 'Number', mono: true, width: '4rem' },
    { name: 'name', title: 'Name', width: 'minmax(7rem, 1fr)' },
    { name: 'then', title: 'Rings, then', width: 'minmax(11rem, 1.6fr)' },
    ...shown.map((one): Column => ({
      name: one.object,
      title: one.title,
      width: CELL + 'px',
      upright: true,
      href: sheetOf(one.object),
    })),
  ]);

  /** Whom the call on the bench comes to. */
  const touched = $derived(
    new Set([
      ...(bench.call?.trace.steps.map((step) => step.object) ?? []),
      bench.call?.trace.ending.by ?? '',
    ]),
  );

  function gridRow(index: number): GridRow | undefined {
    const one = rows.row(index);
    if (!one) return undefined;
    const cells = new Map(one.cells.map((cell) => [cell.column, cell.says] as const));
    return {
      key: one.object,
      cells: [
        one.key,
        one.title,
        one.then,
        ...shown.map((group, column) =>
          shownCell(wishedCell(site.underway, group.object, one.object) ?? cells.get(start + column) ?? ''),
        ),
      ],
      href: sheetOf(one.object),
      by: live.changed.get(one.object),
    };
  }

  function cellOf(row: GridRow, column: string): string {
    return plainCell(row.cells[columns.findIndex((one) => one.name === column)] ?? '');
  }

  function put(...wishes: Wish[]) {
    site.change(...wishes).catch(site.fail.bind(site));
  }

  function keyed(row: GridRow, column: string, key: string): boolean {
    const target = groups.find((one) => one.object === column);
    if (!target || !site.open) return false;
    if (key === 'd' && target.kind !== 'page') {
      typed = cellOf(row, column);
      edited = { key: row.key, column };
      return true;
    }
    const next = afterKey(cellOf(row, column), key, target.kind);
    if (next === undefined) return false;
    put(memberOf(column, row.key, next));
    return true;
  }

  /** What opens in a cell takes the keys. */
  function focused(input: HTMLInputElement) {
    input.focus();
    input.select();
    // Afterwards they go back to the grid, unless something else has taken them.
    const grid = input.closest<HTMLElement>('[role=grid]');
    return () => {
      if (document.activeElement === document.body) grid?.focus();
    };
  }

  function keep() {
    const target = edited;
    edited = undefined;
    if (target) put(memberOf(target.column, target.key, typed));
  }

  /** Cells of a spreadsheet: how people are in groups; names and numbers are changed on their sheets. */
  function paste(targets: GridRow[], column: number, cells: string[][]) {
    const wishes = targets.flatMap((target, line) =>
      (cells[line] ?? []).flatMap((text, offset): Wish[] => {
        const name = columns[column + offset]?.name ?? '';
        if (name === 'name')
          return [{ set: { object: target.key, field: '/name', value: text.trim() || null } }];
        return name.includes('/') ? [memberOf(name, target.key, text)] : [];
      }),
    );
    if (wishes.length) put(...wishes);
  }

  function letter(text: string) {
    filter?.focus();
    address.set('find', find + text);
  }

  const said = $derived(
    [
      `${rows.total} ${rows.total === 1 ? 'extension' : 'extensions'}`,
      ...(rows.view?.free ?? []).map((one) => `next free ${one.block} ${one.number}`),
    ].join(' · '),
  );

  const tabs = $derived([
    { name: '', title: 'By groups', href: listOf(screen.name, '') },
    ...tabsOf(screen).map((tab) => ({ ...tab, title: 'As a list' })),
  ]);
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else}
  <div class="flex min-h-0 grow">
    <div class="flex min-w-0 grow flex-col" bind:clientWidth={width}>
      <div class="px-5 pt-3">
        <div class="flex items-start justify-between gap-4">
          <h1 class="text-lg font-semibold">People</h1>
          <div class="no-print flex items-center gap-2">
            <input
              bind:this={filter}
              class="w-40"
              value={find}
              oninput={(event) => address.set('find', event.currentTarget.value)}
              placeholder="Name or number"
              aria-label="Filter"
            />
            {#if site.open}
              <button class="plain whitespace-nowrap" onclick={() => (pasting = true)}
                >From a spreadsheet…</button
              >
              <button class="primary whitespace-nowrap" onclick={() => creating.begin('extension')}
                >New extension</button
              >
            {/if}
          </div>
        </div>
        <p class="text-muted">{said}</p>
        <div class="mt-1 flex items-end justify-between">
          <Tabs {tabs} current={kind} label="Views" />
          {#if groups.length > room}
            <p class="no-print flex items-center gap-2 text-xs text-muted">
              <button
                class="plain"
                aria-label="Groups before"
                disabled={start === 0}
                onclick={() => (first = start - room)}>←</button
              >
              groups {start + 1}–{Math.min(start + room, groups.length)} of {groups.length}
              <button
                class="plain"
                aria-label="Groups after"
                disabled={start + room >= groups.length}
                onclick={() => (first = start + room)}>→</button
              >
            </p>
          {/if}
        </div>
      </div>
      {#if rows.known && rows.total === 0}
        <Empty
          title={find
            ? `Nobody is called “${find}”.`
            : 'Nobody yet: an extension is a person or a place with a phone.'}
        >
          {#if find}
            <button class="plain" onclick={() => address.set('find', '')}>Show all</button>
          {:else if site.open}
            <button class="primary" onclick={() => creating.begin('extension')}
              >Make the first extension</button
            >
            <button class="plain" onclick={() => (pasting = true)}>Paste them from a spreadsheet</button>
          {/if}
        </Empty>
      {:else if rows.known}
        <Grid
          label="people"
          {columns}
          total={rows.total}
          row={gridRow}
          everything={() => rows.everything()}
          onpaper={(now) => (printing = now)}
          onrange={(from, to) => rows.inSight(from, to)}
          onopen={(row) => visit(row.href)}
          onletter={letter}
          marked={new Set<string>()}
          onmark={() => {}}
          onpaste={site.open ? paste : undefined}
          oncell={keyed}
          oncurrent={(row) => (current = row)}
          lit={(row) => touched.has(row.key)}
          {edited}
        >
          {#snippet editing(row, column)}
            <input
              class="h-6 w-full px-1 font-mono text-[13px]"
              bind:value={typed}
              {@attach focused}
              aria-label="{row.cells[1]} in {columns.find((one) => one.name === column)
                ?.title}: such as 10s, 2 phone 40s"
              onblur={() => (edited = undefined)}
              onkeydown={(event) => {
                if (event.key === 'Enter') {
                  event.preventDefault();
                  event.stopPropagation();
                  keep();
                } else if (event.key === 'Escape') {
                  event.stopPropagation();
                  edited = undefined;
                }
              }}
            />
          {/snippet}
        </Grid>
        <p class="no-print border-t border-line bg-panel px-4 py-0.5 text-xs text-muted">
          ↑↓←→ cell · Space in or out · a digit the rank or place · d the delay · p by phone · k key to take ·
          Enter the person · Shift marks a block · Ctrl+C, Ctrl+V with a spreadsheet
        </p>
      {:else}
        <p class="p-6 text-muted" role="status">Opening.</p>
      {/if}
    </div>
    {#if current}
      <aside
        class="no-print w-72 shrink-0 overflow-auto border-l border-line bg-panel px-4 py-3"
        aria-label="About {current.cells[1]}"
      >
        <Later of={current.key}>
          {#snippet children(person)}{#key person}<PersonSide {person} />{/key}{/snippet}
        </Later>
      </aside>
    {/if}
  </div>
{/if}
{#if known}<FromSpreadsheet bind:open={pasting} kind={known} />{/if}
