<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';

  /**
   * What takes long to draw and is not looked at first: it is drawn, and drawn anew, in a task of its own after the frame
   * that shows what stands around it.
   */
  interface Props {
    /** What it is drawn of. */
    of: T;
    children: Snippet<[T]>;
  }
  let { of, children }: Props = $props();

  let shown = $state.raw<{ of: T }>();
  $effect(() => {
    const next = { of };
    let then: ReturnType<typeof setTimeout> | undefined;
    // What runs within a frame's own callback belongs to that frame.
    const frame = requestAnimationFrame(() => (then = setTimeout(() => (shown = next))));
    return () => {
      cancelAnimationFrame(frame);
      clearTimeout(then);
    };
  });
</script>

{#if shown}{@render children(shown.of)}{/if}
