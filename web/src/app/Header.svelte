<script lang="ts">
  import { findings } from '../features/findings/findings.svelte';
  import Menu from '../lib/ui/Menu.svelte';
  import { address } from './address.svelte';
  import { live } from './live.svelte';
  import { session } from './session.svelte';
  import { site } from './site.svelte';
  import { theme } from './theme.svelte';

  let { goTo }: { goTo: () => void } = $props();
  const view = $derived(site.view);
  const found = findings();
  const blocking = $derived(found.all.filter((one) => one.severity === 'blocking' && !one.accepted).length);
  const changes = $derived(
    view?.live
      ? `${view.changes === 1 ? '1 change' : view.changes + ' changes'} since release ${view.live.number}`
      : 'nothing cut over yet',
  );
  const plan = $derived(site.draft ? 'draft' : `release ${view?.release ?? ''}`);
</script>

<header class="no-print flex h-11 shrink-0 items-center gap-4 border-b border-line bg-panel px-4">
  <a href="/" class="w-28 shrink-0 text-base font-bold" title="All sites"
    >bittern<span class="text-reed">.</span></a
  >
  <a href={address.to('overview')} class="truncate font-semibold">{view?.name ?? address.site}</a>
  {#if view}
    <span class="truncate text-muted" title="{plan}: {changes}"
      >{plan}: <b class="text-ink">{changes}</b></span
    >
    {#if live.examining}
      <span class="whitespace-nowrap text-muted">checking {live.examining.done} of {live.examining.of}</span>
    {:else if blocking}
      <a href={address.to('findings')} class="wrong whitespace-nowrap">✕ {blocking} blocking</a>
    {:else if found.known}
      <span class="whitespace-nowrap text-muted">nothing blocking</span>
    {/if}
  {/if}
  <span class="grow"></span>
  {#if view && site.open}
    <button
      class="plain"
      disabled={!view.undo}
      title={view.undo ? `Undo ${view.undo} (Ctrl+Z)` : 'Nothing of yours to undo'}
      onclick={() => site.undo()}>Undo</button
    >
    <button
      class="plain"
      disabled={!view.redo}
      title={view.redo ? `Redo ${view.redo} (Ctrl+Shift+Z)` : 'Nothing to redo'}
      onclick={() => site.redo()}>Redo</button
    >
  {/if}
  <button class="plain flex items-center gap-2 whitespace-nowrap text-muted" onclick={goTo}
    >Go to… <kbd class="keycap text-[11px] max-[1150px]:hidden">Ctrl K</kbd></button
  >
  <button
    class="plain"
    aria-label={theme.dark ? 'Light theme' : 'Dark theme'}
    title={theme.dark ? 'Light theme' : 'Dark theme'}
    onclick={() => theme.turn()}>{theme.dark ? '☀' : '☾'}</button
  >
  <Menu label={session.name ?? ''}>
    {#snippet items(item)}
      {@render item('All sites', () => location.assign('/'))}
      {@render item('Your account', () => location.assign('/account'))}
      {@render item('Sign out', () => void session.signOut().catch(site.fail.bind(site)))}
    {/snippet}
  </Menu>
</header>
