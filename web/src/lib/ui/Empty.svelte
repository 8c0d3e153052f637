<script lang="ts">
  import type { Snippet } from 'svelte';

  /** What is shown where there is nothing: what to do first, and the way to do it. */
  let { title, children }: { title: string; children?: Snippet } = $props();
</script>

<div class="px-6 py-6">
  <p class="font-semibold">{title}</p>
  {#if children}<div class="mt-2 flex flex-wrap items-center gap-3">{@render children()}</div>{/if}
</div>
