<script lang="ts">
  import { site } from '../../app/site.svelte';
  import type { JournalView } from '../../lib/api/types';
  import { dayAndTime } from '../../app/said';

  /** One edit: what was done, when and by whom, what callers notice of it, and the way to take it back. */
  let { entry, undo = false }: { entry: JournalView; undo?: boolean } = $props();
</script>

<div class="mt-1.5 text-[13px] leading-5 {entry.undone ? 'text-muted line-through' : ''}">
  <p>
    {entry.kind === 'edit' ? '' : entry.kind + ': '}{entry.says}
    <span class="text-muted">· {dayAndTime(entry.at)} {entry.account}</span>
    {#if undo && !entry.undone && entry.kind !== 'undo'}
      <button class="link" onclick={() => void site.undo(entry.version)}>Undo</button>
    {/if}
  </p>
  {#if entry.noticed}<p class="text-muted">{entry.noticed.says}</p>{/if}
</div>
