<script lang="ts">
  import { Command } from 'bits-ui';
  import { site } from '../../../app/site.svelte';
  import { api, Refused } from '../../../lib/api/client';
  import type { Target, TokenView, Wish } from '../../../lib/api/types';

  interface Props {
    token: TokenView;
    save: (wishes: Wish[]) => Promise<void>;
  }
  let { token, save }: Props = $props();

  let find = $state('');
  let found = $state.raw<Target[]>([]);
  let wrong = $state('');

  $effect(() => {
    api.get<Target[]>(site.path(`/targets?find=${encodeURIComponent(find)}`)).then(
      (targets) => (found = targets),
      (failure) => (wrong = String(failure)),
    );
  });

  // What is still on its way is never offered for what has been typed since: Enter must not choose it.
  const matching = $derived(
    found.filter((target) =>
      `${target.number ?? ''} ${target.title} ${target.kind} ${target.value}`
        .toLowerCase()
        .includes(find.trim().toLowerCase()),
    ),
  );
  const inMenu = $derived(token.object.startsWith('menu/'));
  const ends = $derived(
    [
      { value: 'hang-up', title: 'Hang up' },
      { value: 'busy', title: 'Busy tone' },
      { value: 'own-mailbox', title: 'Own mailbox of the extension called first' },
      ...(inMenu
        ? [
            { value: 'repeat', title: 'Repeat this menu' },
            { value: 'back', title: 'Back to the menu before' },
          ]
        : []),
    ].filter((end) => end.title.toLowerCase().includes(find.toLowerCase())),
  );
  const outside = $derived(
    /^\+[1-9]\d{5,14}$/.test(find.replace(/[\s()-]/g, '')) ? find.replace(/[\s()-]/g, '') : '',
  );

  /** Kinds that can be made here; the rest of such an object is filled in on its own row. */
  const makes = [
    { kind: 'mailbox', title: 'mailbox' },
    { kind: 'announcement', title: 'announcement' },
    { kind: 'ring-group', title: 'ring group' },
    { kind: 'menu', title: 'menu' },
  ];

  function keyFrom(name: string): string {
    const words = name
      .toLowerCase()
      .normalize('NFD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '');
    return words || 'new';
  }

  async function choose(value: string) {
    await saved([{ set: { object: token.object, field: token.field, value } }]);
  }

  async function make(kind: string) {
    const name = find.trim() || 'New';
    const object = `${kind}/${keyFrom(name)}`;
    await saved([
      { create: { object, body: { name } } },
      { set: { object: token.object, field: token.field, value: object } },
    ]);
  }

  async function saved(wishes: Wish[]) {
    try {
      wrong = '';
      await save(wishes);
    } catch (failure) {
      wrong = failure instanceof Refused ? failure.message : String(failure);
    }
  }
</script>

<Command.Root shouldFilter={false} label="Destination" loop>
  <Command.Input
    class="w-full"
    bind:value={find}
    placeholder="Number or name"
    aria-label={token.help}
    autofocus
  />
  {#if wrong}<p class="wrong mt-1" role="alert">{wrong}</p>{/if}
  <Command.List tabindex={0} class="mt-2 max-h-72 overflow-auto" aria-label="Destinations">
    <Command.Viewport>
      {#each matching as target (target.value)}
        <Command.Item
          value={target.value}
          class="flex cursor-pointer gap-2 px-1 py-1 data-[selected]:bg-wash"
          onSelect={() => choose(target.value)}
        >
          <span class="w-12 shrink-0 font-mono text-muted">{target.number ?? ''}</span>
          <span class="grow truncate">{target.title}</span>
          <span class="text-muted">{target.kind}</span>
        </Command.Item>
      {/each}
      {#if outside}
        <Command.Item
          value="outside"
          class="cursor-pointer px-1 py-1 data-[selected]:bg-wash"
          onSelect={() => choose('outside/' + outside)}
          >Outside number <span class="font-mono">{outside}</span></Command.Item
        >
      {/if}
      {#each ends as end (end.value)}
        <Command.Item
          value={end.value}
          class="cursor-pointer px-1 py-1 data-[selected]:bg-wash"
          onSelect={() => choose(end.value)}>{end.title}</Command.Item
        >
      {/each}
      {#each makes as one (one.kind)}
        <Command.Item
          value={'new ' + one.kind}
          class="cursor-pointer border-line px-1 py-1 first-of-type:border-t data-[selected]:bg-wash"
          onSelect={() => make(one.kind)}
          ><span class="font-semibold text-reed"
            >New {one.title} {find.trim() ? `“${find.trim()}” ` : ''}here</span
          ></Command.Item
        >
      {/each}
    </Command.Viewport>
  </Command.List>
</Command.Root>
<p class="mt-2 text-muted">{token.help}</p>
