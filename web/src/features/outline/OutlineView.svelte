<script lang="ts">
  import { tick } from 'svelte';
  import { site } from '../../app/site.svelte';
  import type { RowView } from '../../lib/api/types';
  import { bench } from '../bench/bench.svelte';
  import { keyOf, outline } from './outline.svelte';
  import AddKeyDialog from './parts/AddKeyDialog.svelte';
  import Reasons from './parts/Reasons.svelte';
  import RemoveDialog from './parts/RemoveDialog.svelte';
  import Row from './parts/Row.svelte';
  import Strip from './parts/Strip.svelte';

  let { number }: { number: string } = $props();

  let grid = $state<HTMLElement>();
  let hovered = $state<number>();
  let removing = $state('');
  let removeOpen = $state(false);
  let adding = $state('');
  let addOpen = $state(false);
  let finding = $state(false);
  let find = $state('');

  $effect(() => {
    if (site.view?.version === undefined) return;
    outline.load(number).catch(site.fail.bind(site));
  });

  function inMenu(row: RowView): string | undefined {
    if (row.object?.startsWith('menu/') && row.asRow === undefined) return row.object;
    return row.field?.object.startsWith('menu/') ? row.field.object : undefined;
  }

  function addAfter() {
    const menu = outline.row ? inMenu(outline.row) : undefined;
    if (!menu) return site.fail('A key can be added on the row of a menu or of one of its keys.');
    adding = menu;
    addOpen = true;
  }

  function remove(object: string) {
    removing = object;
    removeOpen = true;
  }

  /** On a key of a menu the key goes; elsewhere the object does, after asking what to put in its place. */
  function removeRow() {
    const row = outline.row;
    const key = row?.field?.field.match(/^\/keys\/(.)\/to$/)?.[1];
    if (row?.field && key) {
      site
        .change({ set: { object: row.field.object, field: `/keys/${key}`, value: null } })
        .catch(site.fail.bind(site));
    } else if (row?.object && !row.object.startsWith('route/')) {
      remove(row.object);
    }
  }

  function edit() {
    const token = grid?.querySelector<HTMLElement>(`#row-${outline.selected} button.token`);
    // Focused first, so that leaving its popover comes back to it and Tab goes on to the next token.
    token?.focus();
    token?.click();
  }

  function keyed(event: KeyboardEvent) {
    if (event.key === 'Escape' && event.target !== grid) grid?.focus();
    if (event.target !== grid || event.ctrlKey || event.metaKey || event.altKey) return;
    const row = outline.row;
    const actions: Record<string, () => void> = {
      ArrowDown: () => outline.move(1),
      ArrowUp: () => outline.move(-1),
      Home: () => outline.move(-Infinity),
      End: () => outline.move(Infinity),
      ArrowRight: () => row && outline.turn(row, true),
      ArrowLeft: () => row && outline.turn(row, false),
      Enter: edit,
      '/': () => void startFinding(),
      a: addAfter,
      Backspace: removeRow,
      Delete: removeRow,
    };
    const action = actions[event.key];
    if (!action) return;
    event.preventDefault();
    action();
    void tick().then(() =>
      document.getElementById(`row-${outline.selected}`)?.scrollIntoView({ block: 'nearest' }),
    );
  }

  async function startFinding() {
    finding = true;
    find = '';
    await tick();
    document.getElementById('find-row')?.focus();
  }

  function findRow(event: KeyboardEvent) {
    if (event.key === 'Escape') finding = false;
    if (event.key !== 'Enter' && event.key !== 'Escape') return;
    event.preventDefault();
    const wanted = find.toLowerCase();
    const text = (row: RowView) =>
      row.parts
        .map((part) => part.text)
        .join(' ')
        .toLowerCase();
    const hit = [...outline.rows.filter((row) => row.number > outline.selected), ...outline.rows].find(
      (row) => text(row).includes(wanted),
    );
    if (event.key === 'Enter' && hit) outline.reveal(hit.number);
    if (event.key === 'Enter' && !hit) site.fail(`No row says “${find}”.`);
    finding = false;
    grid?.focus();
  }

  const litByStep = $derived(new Map([...outline.lit].map(([row, lit]) => [lit.step, row] as const)));
</script>

<div class="flex min-h-0 grow">
  <div class="flex min-w-0 grow flex-col">
    {#if finding}
      <label class="flex items-center gap-2 border-b border-line bg-panel px-4 py-1"
        >Find a row <input
          id="find-row"
          class="grow"
          bind:value={find}
          onkeydown={findRow}
          onblur={() => (finding = false)}
        /></label
      >
    {/if}
    <div
      bind:this={grid}
      role="treegrid"
      tabindex="0"
      aria-label="Outline"
      aria-activedescendant="row-{outline.selected}"
      aria-keyshortcuts="Enter a Backspace /"
      class="min-h-0 grow overflow-auto bg-panel py-1 focus-visible:outline-offset-[-2px]"
      onkeydown={keyed}
    >
      {#each outline.shown as row (keyOf(row) + row.number)}
        <Row {row} hovered={hovered !== undefined && litByStep.get(hovered) === row.number} />
      {:else}
        {#if outline.loaded === number}
          <p class="px-6 py-4">
            No route takes calls to <span class="font-mono">{number}</span>: the caller hears number
            unobtainable. Choose another number on the bench, or give this one a route.
          </p>
        {/if}
      {/each}
    </div>
    <p class="no-print border-t border-line bg-panel px-4 py-0.5 text-xs text-muted">
      ↑↓ row · ←→ close, open · Enter change, Tab next, Esc back · / find · a add a key · Backspace remove ·
      Ctrl+Z undo
    </p>
    {#if !bench.problems.length}<Strip bind:hovered />{/if}
  </div>
  <Reasons
    {remove}
    addKey={(menu) => {
      adding = menu;
      addOpen = true;
    }}
  />
</div>
<RemoveDialog object={removing} bind:open={removeOpen} />
<AddKeyDialog menu={adding} bind:open={addOpen} />
