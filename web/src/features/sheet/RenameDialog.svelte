<script lang="ts">
  import { visit } from '../../app/links';
  import { splitRef } from '../../app/refs';
  import { address } from '../../app/address.svelte';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import { whenOpened } from '../../lib/ui/opened.svelte';

  /** Gives an object another key; whatever names it names it by that. */
  interface Props {
    open: boolean;
    object: string;
    title: string;
    allowed: string;
  }
  let { open = $bindable(), object, title, allowed }: Props = $props();

  let key = $state('');
  let wrong = $state.raw<string[]>([]);

  whenOpened(
    () => open,
    () => {
      key = splitRef(object)[1];
      wrong = [];
    },
  );

  async function rename(event: Event) {
    event.preventDefault();
    const wanted = key.trim();
    try {
      await site.change({ rename: { object, key: wanted } });
      open = false;
      const path = address.in(address.site, address.plan, address.screen, splitRef(object)[0], wanted);
      visit(path, true);
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<Dialog
  bind:open
  title="Rename {title}"
  about="Its key in addresses and in the plan file. Whatever names it follows."
>
  <form onsubmit={rename}>
    <label class="block text-muted" for="new-key-of">Key</label>
    <input
      id="new-key-of"
      class="mt-1 w-full font-mono"
      bind:value={key}
      autocomplete="off"
      aria-invalid={wrong.length > 0}
    />
    <p class="mt-1 text-xs text-muted">{allowed}.</p>
    <div role="alert">
      {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
    </div>
    <p class="mt-3 flex justify-end gap-2">
      <button type="button" class="plain" onclick={() => (open = false)}>Leave it</button>
      <button class="primary">Rename</button>
    </p>
  </form>
</Dialog>
