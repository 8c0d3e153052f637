<script lang="ts">
  import { session } from './session.svelte';
  import { site } from './site.svelte';
  import { theme } from './theme.svelte';

  let { goTo }: { goTo: () => void } = $props();
  const view = $derived(site.view);
  const blocking = $derived(view?.findings.filter((finding) => finding.severity === 'blocking').length ?? 0);
</script>

<header class="flex h-11 shrink-0 items-center gap-5 border-b border-line bg-panel px-4">
  <a href="/" class="w-32 text-base font-bold">bittern<span class="text-reed">.</span></a>
  <span class="font-semibold whitespace-nowrap">{view?.name ?? ''}</span>
  {#if view}
    <span class="whitespace-nowrap text-muted"
      >draft: <b class="text-ink">{view.changes} {view.changes === 1 ? 'change' : 'changes'}</b></span
    >
    {#if blocking}
      <a href="/" class="wrong whitespace-nowrap">✕ {blocking} blocking</a>
    {:else}
      <span class="whitespace-nowrap text-muted">nothing blocking</span>
    {/if}
  {/if}
  <span class="grow"></span>
  {#if view}
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
    <button class="plain flex items-center gap-2 text-muted" onclick={goTo}
      >Go to… <kbd class="keycap text-[11px]">Ctrl K</kbd></button
    >
  {/if}
  <button
    class="plain"
    aria-label={theme.dark ? 'Light theme' : 'Dark theme'}
    title={theme.dark ? 'Light theme' : 'Dark theme'}
    onclick={() => theme.turn()}>{theme.dark ? '☀' : '☾'}</button
  >
  <button class="text-muted" title="Sign out" onclick={() => session.signOut().catch(site.fail.bind(site))}
    >{session.name} · sign out</button
  >
</header>
