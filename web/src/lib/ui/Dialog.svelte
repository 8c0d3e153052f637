<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { untrack, type Snippet } from 'svelte';
  import { land } from './landing';

  /** A question that is answered before anything else is done. */
  interface Props {
    open: boolean;
    title: string;
    about?: string;
    wide?: boolean;
    children: Snippet;
    onclosed?: () => void;
  }
  let { open = $bindable(), title, about, wide = false, children, onclosed }: Props = $props();

  let before: Element | null = null;
  // Before it is there, and has taken the keys.
  $effect.pre(() => {
    if (open) untrack(() => (before = document.activeElement));
  });

  /** What has been pressed to open it may be gone with the screen, or with what was empty. */
  function closed(event: Event) {
    if (before?.isConnected && before !== document.body) return;
    event.preventDefault();
    land();
  }
</script>

<Dialog.Root bind:open onOpenChange={(now) => !now && onclosed?.()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-black/30" />
    <Dialog.Content
      onCloseAutoFocus={closed}
      class="sheet fixed top-16 left-1/2 max-h-[82vh] max-w-[94vw] -translate-x-1/2 overflow-auto {wide
        ? 'w-[640px]'
        : 'w-[460px]'}"
    >
      <Dialog.Title class="font-semibold">{title}</Dialog.Title>
      {#if about}<Dialog.Description class="mt-1 text-muted">{about}</Dialog.Description>{/if}
      <div class="mt-2">{@render children()}</div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
