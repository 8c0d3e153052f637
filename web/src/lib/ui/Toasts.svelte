<script lang="ts">
  import { toasts } from './toasts.svelte';
</script>

<div class="no-print fixed right-4 bottom-8 z-50 flex flex-col gap-2" role="region" aria-label="Notes">
  {#each toasts.all as toast (toast.id)}
    <div
      class="sheet flex items-center gap-3 {toast.wrong ? 'border-clay' : ''}"
      role={toast.wrong ? 'alert' : 'status'}
    >
      <span class={toast.wrong ? 'wrong' : ''}>{toast.text}</span>
      {#if toast.action}
        <button
          class="link"
          onclick={() => {
            toast.action?.then();
            toasts.close(toast.id);
          }}>{toast.action.title}</button
        >
      {/if}
      <button class="px-1 text-muted" aria-label="Close" onclick={() => toasts.close(toast.id)}>×</button>
    </div>
  {/each}
</div>
