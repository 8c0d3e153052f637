<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { site } from '../../../app/site.svelte';
  import type { Wish } from '../../../lib/api/types';
  import Finder from './Finder.svelte';

  let { menu, open = $bindable() }: { menu: string; open: boolean } = $props();
  let key = $state('');

  const token = $derived({
    object: menu,
    field: `/keys/${key}/to`,
    type: 'destination',
    value: '',
    help: 'Where the key leads: find by number or name, or create it here.',
  });

  async function save(wishes: Wish[]) {
    await site.change(...wishes);
    open = false;
    key = '';
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-black/30" />
    <Dialog.Content class="sheet fixed top-24 left-1/2 w-[420px] max-w-[94vw] -translate-x-1/2">
      <Dialog.Title class="font-semibold">Add a key to {menu}</Dialog.Title>
      <Dialog.Description class="text-muted">One of 0 to 9, * and #, and where it leads.</Dialog.Description>
      <label class="mt-2 flex items-center gap-2"
        >Key <input class="w-14 font-mono" maxlength="4" bind:value={key} /></label
      >
      {#if key}<div class="mt-2"><Finder {token} {save} /></div>{/if}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
