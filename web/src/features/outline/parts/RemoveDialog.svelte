<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { site } from '../../../app/site.svelte';
  import { api, Refused } from '../../../lib/api/client';
  import type { Target, UseView } from '../../../lib/api/types';

  let { object, open = $bindable() }: { object: string; open: boolean } = $props();

  let uses = $state.raw<UseView[]>([]);
  let targets = $state.raw<Target[]>([]);
  let instead = $state('');
  let wrong = $state('');

  $effect(() => {
    if (!open) return;
    instead = '';
    wrong = '';
    api
      .get<UseView[]>(site.path(`/uses?object=${encodeURIComponent(object)}`))
      .then((found) => (uses = found), failed);
    api
      .get<Target[]>(site.path('/targets'))
      .then((found) => (targets = found.filter((target) => target.value !== object)), failed);
  });

  function failed(failure: unknown) {
    wrong = failure instanceof Refused ? failure.message : String(failure);
  }

  async function remove(event: Event) {
    event.preventDefault();
    try {
      await site.change({ remove: { object, instead: instead || null } });
      open = false;
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-black/30" />
    <Dialog.Content class="sheet fixed top-24 left-1/2 w-[480px] max-w-[94vw] -translate-x-1/2">
      <Dialog.Title class="font-semibold">Remove {object}</Dialog.Title>
      <form class="mt-2" onsubmit={remove}>
        {#if uses.length}
          <Dialog.Description
            >It is used in {uses.length === 1 ? 'one place' : `${uses.length} places`}:</Dialog.Description
          >
          <ul class="my-2 max-h-40 list-disc overflow-auto pl-5">
            {#each uses as use (use.object + use.field)}<li>
                {use.title} <span class="font-mono text-muted">{use.field}</span>
              </li>{/each}
          </ul>
          <label for="instead">Put in its place</label>
          <select id="instead" class="mt-1 w-full" bind:value={instead}>
            <option value="">nothing: leave holes</option>
            <option value="hang-up">hang-up</option>
            {#each targets as target (target.value)}<option value={target.value}
                >{target.title} ({target.kind})</option
              >{/each}
          </select>
        {:else}
          <Dialog.Description>Nothing leads to it.</Dialog.Description>
        {/if}
        {#if wrong}<p class="wrong mt-2" role="alert">{wrong}</p>{/if}
        <div class="mt-3 flex justify-end gap-2">
          <Dialog.Close class="plain">Keep it</Dialog.Close>
          <button class="primary">{uses.length && !instead ? 'Remove and leave holes' : 'Remove'}</button>
        </div>
      </form>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
