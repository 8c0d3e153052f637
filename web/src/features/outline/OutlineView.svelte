<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { address } from '../../app/address.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { PlaceView, RowView } from '../../lib/api/types';
  import Empty from '../../lib/ui/Empty.svelte';
  import RemoveDialog from '../objects/RemoveDialog.svelte';
  import { visit } from '../../app/links';
  import { bench } from '../bench/bench.svelte';
  import { creating } from '../sheet/creating.svelte';
  import { keyOf, outline } from './outline.svelte';
  import AddEntry from './parts/AddEntry.svelte';
  import Reasons from './parts/Reasons.svelte';
  import Row from './parts/Row.svelte';
  import Strip from './parts/Strip.svelte';

  const number = $derived(address.rest[0] ?? '');

  let grid = $state<HTMLElement>();
  let hovered = $state<number>();
  let removing = $state('');
  let removeOpen = $state(false);
  let adding = $state.raw<PlaceView | undefined>();
  let addOpen = $state(false);
  let finding = $state(false);
  let find = $state('');

  const query = askPlan(() => ({
    key: ['outline', number, bench.phone, outline.wanted, outline.passed, outline.sought],
    ask: (signal) =>
      api.outline(
        address.site,
        address.plan,
        { to: number, from: bench.phone, open: outline.wanted, passed: outline.passed, find: outline.sought },
        signal,
      ),
    on: number !== '',
  }));
  const view = $derived(query.data?.number === number ? query.data : undefined);

  $effect(() => {
    if (view) untrack(() => outline.take(view));
  });
  // Where the call ends is what one looks for first.
  $effect(() => {
    if (!view || !bench.call) return;
    const last = untrack(() => outline.follow());
    if (last !== undefined) void inSight();
  });

  async function inSight() {
    await tick();
    document.getElementById(`row-${outline.selected}`)?.scrollIntoView({ block: 'nearest' });
  }

  function addAfter() {
    const place = outline.row?.adds;
    if (!place)
      return site.fail('An entry can be added on the row of a menu or a branch, or on one of its entries.');
    adding = place;
    addOpen = true;
  }

  function remove(object: string) {
    removing = object;
    removeOpen = true;
  }

  /** On an entry of a menu or a branch the entry goes; elsewhere the object does, after asking what stands instead. */
  function removeRow() {
    const row = outline.row;
    if (row?.field && row.entry) {
      site
        .change({ set: { object: row.field.object, field: row.entry, value: null } })
        .catch(site.fail.bind(site));
    } else if (row?.object) {
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
      f: () => (outline.alone = !outline.alone),
      Backspace: removeRow,
      Delete: removeRow,
    };
    const action = actions[event.key];
    if (!action) return;
    event.preventDefault();
    action();
    void inSight();
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
    else if (event.key === 'Enter')
      outline.seek(find, () => {
        const closed = outline.rows.find((row) => text(row).includes(wanted));
        if (closed) outline.reveal(closed.number);
        else site.fail(`No row says “${find}”.`);
        void inSight();
      });
    finding = false;
    grid?.focus();
  }

  function titleOf(object: string): string {
    const at = bench.call?.trace.steps.findIndex((step) => step.object === object) ?? -1;
    return bench.call?.titles[at] ?? object.slice(object.indexOf('/') + 1);
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
      aria-keyshortcuts="Enter a f Backspace /"
      class="min-h-0 grow overflow-auto bg-panel py-1 focus-visible:outline-offset-[-2px]"
      onkeydown={keyed}
    >
      {#each outline.shown as row (keyOf(row) + row.number)}
        <Row {row} hovered={hovered !== undefined && litByStep.get(hovered) === row.number} />
      {:else}
        {#if query.isError}
          <p class="wrong px-6 py-4" role="alert">{saysOf(query.error).join(' ')}</p>
        {:else if outline.loaded === number}
          <p class="px-6 py-4">
            No route takes calls to <span class="font-mono">{number}</span>: the caller hears number
            unobtainable.
            {#if site.open}Choose another number on the bench, or
              <button
                class="link"
                onclick={() =>
                  creating.begin('route', {
                    values: { '/called': number },
                    then: () => void visit(address.to('outline', number)),
                  })}>give this one a route</button
              >.{/if}
          </p>
        {:else if !number}
          <Empty title="No inbound number yet">
            <a class="link" href={address.to('numbers')}>To the numbers</a>
          </Empty>
        {:else}
          <p class="px-6 py-4 text-muted" role="status">Drawing the outline.</p>
        {/if}
      {/each}
    </div>
    <p class="no-print border-t border-line bg-panel px-4 py-0.5 text-xs text-muted">
      ↑↓ row · ←→ close, open · Enter change, Tab next, Esc back · / find · f the call alone · a add ·
      Backspace remove · Ctrl+Z undo{#if outline.alone}<b class="ml-2 text-water"
          >+ {outline.rows.length - outline.shown.length} rows</b
        >{/if}
    </p>
    {#if !bench.problems.length}<Strip bind:hovered />{/if}
  </div>
  <Reasons
    {remove}
    add={(place) => {
      adding = place;
      addOpen = true;
    }}
  />
</div>
<RemoveDialog object={removing} title={titleOf(removing)} bind:open={removeOpen} />
<AddEntry place={adding} title="Add" bind:open={addOpen} />
