<script lang="ts">
  import type { Snippet } from 'svelte';

  /** What takes long to draw and is not looked at first: it comes after what stands around it has been shown. */
  let { children }: { children: Snippet } = $props();

  let shown = $state(false);
  $effect(() => {
    let then: ReturnType<typeof setTimeout> | undefined;
    // A task of its own after the frame, for whatever runs within it belongs to it.
    const frame = requestAnimationFrame(() => (then = setTimeout(() => (shown = true))));
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(then);
    };
  });
</script>

{#if shown}{@render children()}{/if}
