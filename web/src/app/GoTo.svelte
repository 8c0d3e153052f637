<script lang="ts">
  import { Command, Dialog } from 'bits-ui';
  import { address, outlineOf } from './address.svelte';
  import { session } from './session.svelte';
  import { site } from './site.svelte';
  import { theme } from './theme.svelte';

  let { open = $bindable() }: { open: boolean } = $props();

  const places = $derived([
    { title: 'Overview', more: 'screen', go: () => address.go('/') },
    { title: 'Numbers', more: 'screen', go: () => address.go('/numbers') },
    ...(site.view?.numbers ?? []).map((number) => ({
      title: `${number.name} ${number.shown}`,
      more: 'outline',
      go: () => address.go(outlineOf(number.number)),
    })),
    ...(site.view?.findings ?? []).map((finding) => ({
      title: finding.says,
      more: 'finding',
      go: () => address.go('/'),
    })),
    { title: 'Undo', more: 'Ctrl+Z', go: () => void site.undo() },
    { title: 'Redo', more: 'Ctrl+Shift+Z', go: () => void site.redo() },
    { title: theme.dark ? 'Light theme' : 'Dark theme', more: 'command', go: () => theme.turn() },
    { title: 'Sign out', more: 'command', go: () => session.signOut().catch(site.fail.bind(site)) },
  ]);
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-black/30" />
    <Dialog.Content class="sheet fixed top-20 left-1/2 w-[520px] max-w-[94vw] -translate-x-1/2">
      <Dialog.Title class="sr-only">Go to</Dialog.Title>
      <Command.Root label="Go to" loop>
        <Command.Input class="w-full" placeholder="A number, a name, a finding, a command" />
        <Command.List tabindex={0} class="mt-2 max-h-80 overflow-auto" aria-label="Places">
          <Command.Viewport>
            <Command.Empty class="px-1 py-2 text-muted">Nothing is called that.</Command.Empty>
            {#each places as place (place.more + place.title)}
              <Command.Item
                value={place.more + ' ' + place.title}
                class="flex cursor-pointer justify-between gap-3 px-1 py-1 data-[selected]:bg-wash"
                onSelect={() => {
                  open = false;
                  place.go();
                }}><span>{place.title}</span><span class="text-muted">{place.more}</span></Command.Item
              >
            {/each}
          </Command.Viewport>
        </Command.List>
      </Command.Root>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
