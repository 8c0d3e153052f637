<script lang="ts">
  import type { Preview } from '../../app/preview.svelte';
  import NoticedLines from './NoticedLines.svelte';

  /** Who would notice what is being moved, while it is. */
  let { preview }: { preview: Preview } = $props();
</script>

{#if preview.noticed || preview.asking || preview.problems.length}
  <section class="mt-2 text-[13px]" role="status">
    <h3 class="font-semibold">If you keep it there</h3>
    {#if preview.noticed}<NoticedLines noticed={preview.noticed} />
    {:else if preview.asking}<p class="text-muted">Asking who notices.</p>{/if}
    {#each preview.problems as one (one)}<p class="wrong">{one}</p>{/each}
  </section>
{/if}
