<script lang="ts">
  import type { Snippet } from 'svelte';

  /** A screen: its title and what it is, what can be done on it, its content, and what stands at its side. */
  interface Props {
    title: string;
    about?: string;
    over?: Snippet;
    actions?: Snippet;
    side?: Snippet;
    sideLabel?: string;
    children: Snippet;
  }
  let { title, about, over, actions, side, sideLabel = 'More', children }: Props = $props();
</script>

<div class="flex min-h-0 grow">
  <div class="flex min-w-0 grow flex-col overflow-auto">
    <div class="flex items-start justify-between gap-4 px-5 pt-3 pb-2">
      <div class="min-w-0">
        {@render over?.()}
        <h1 class="text-lg font-semibold">{title}</h1>
        {#if about}<p class="text-muted">{about}</p>{/if}
      </div>
      {#if actions}<div class="no-print flex shrink-0 flex-wrap items-center gap-2">
          {@render actions()}
        </div>{/if}
    </div>
    {@render children()}
  </div>
  {#if side}
    <aside class="w-72 shrink-0 overflow-auto border-l border-line bg-panel px-4 py-3" aria-label={sideLabel}>
      {@render side()}
    </aside>
  {/if}
</div>
