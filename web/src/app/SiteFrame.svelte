<script lang="ts">
  import type { Snippet } from 'svelte';
  import BenchBar from '../features/bench/BenchBar.svelte';
  import { bench } from '../features/bench/bench.svelte';
  import NewDialog from '../features/sheet/NewDialog.svelte';
  import Empty from '../lib/ui/Empty.svelte';
  import { address } from './address.svelte';
  import { going } from './going.svelte';
  import GoTo from './GoTo.svelte';
  import Header from './Header.svelte';
  import { live } from './live.svelte';
  import { screenOf } from './screens';
  import { session } from './session.svelte';
  import Sidebar from './Sidebar.svelte';
  import { site } from './site.svelte';

  let { children }: { children: Snippet } = $props();

  let opened = '';
  const screen = $derived(screenOf(address.screen));
  const titled = $derived(screen?.title ?? 'Not found');

  $effect(() => {
    const { site: name, plan } = address;
    if (session.ended || !name) return;
    // After a session that has ended the screen is still there, with what was typed on it.
    if (opened !== `${name}/${plan}`) site.leave();
    opened = `${name}/${plan}`;
    void site.refresh();
    return live.listen(name, plan);
  });

  $effect(() => {
    document.title = `${titled} · ${site.view?.name ?? address.site} · Bittern`;
  });

  // The call on the bench is followed anew when the bench, the number or the plan is another.
  $effect(() => {
    if (screen?.bench && site.version !== undefined && bench.to && bench.at)
      void bench.trace(bench.to, bench.query);
  });

  /** Where nothing else has the keys, the screen's list or outline has: arrows and letters act as soon as it is there. */
  function toList(event: KeyboardEvent) {
    const goes = event.key === 'ArrowDown' || event.key === 'ArrowUp' || /^[^ ]$/u.test(event.key);
    const active = document.activeElement;
    const idle =
      active === null || active.matches('body, #content, #content h1') || active.closest('nav') !== null;
    const list = document.querySelector<HTMLElement>('#content [role=treegrid], #content [role=grid]');
    if (!goes || event.altKey || !idle || !list) return;
    event.preventDefault();
    list.focus({ preventScroll: true });
    const { key, shiftKey } = event;
    list.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey, bubbles: true, cancelable: true }));
  }

  function keyed(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey)) {
      toList(event);
      return;
    }
    const typing = (event.target as Element).closest('input, textarea') !== null;
    const key = event.key.toLowerCase();
    if (key === 'k') {
      event.preventDefault();
      going.to = true;
    } else if (key === 'z' && !typing) {
      event.preventDefault();
      void (event.shiftKey ? site.redo() : site.undo());
    }
  }
</script>

<svelte:window onkeydown={keyed} />

<div class="flex h-full flex-col">
  <a href="#content" class="sr-only focus:not-sr-only">Skip to the content</a>
  <Header goTo={() => (going.to = true)} />
  <div class="flex min-h-0 grow">
    <Sidebar />
    <main id="content" tabindex="-1" class="flex min-w-0 grow flex-col focus:outline-none">
      {#if !screen}
        <Empty title="There is no screen at this address">
          <a class="link" href={address.to('overview')}>To the overview</a>
        </Empty>
      {:else}
        {#if screen.bench}<BenchBar />{/if}
        {#if site.view}
          {@render children()}
        {:else}
          <p class="p-6 {site.wrong ? 'wrong' : 'text-muted'}" role="status">
            {site.wrong ? site.says : `Opening ${address.site}.`}
          </p>
        {/if}
      {/if}
    </main>
  </div>
  <p
    class="no-print flex gap-4 border-t border-line bg-panel px-4 py-0.5 {site.wrong
      ? 'wrong'
      : 'text-muted'}"
  >
    <span class="grow truncate" role="status" aria-live="polite"
      >{site.says ||
        (site.open
          ? 'Changes keep themselves in the draft.'
          : site.draft
            ? 'You may look at this site and not change it.'
            : 'A release stays as it is.')}</span
    >
    {#if !live.connected}
      <span class="wrong">The server is away; what is shown may be old.</span>
    {/if}
    {#if live.people.length > 1}<span>here now: {live.people.join(', ')}</span>{/if}
  </p>
</div>
<GoTo bind:open={going.to} />
<NewDialog />
