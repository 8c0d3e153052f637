<script lang="ts" module>
  /** Something that is found: its value, how people read it, what it is. */
  export interface Found {
    value: string;
    title: string;
    kind: string;
    number?: string;
  }
</script>

<script lang="ts">
  import { Command } from 'bits-ui';
  import { marked } from './marked.svelte';

  /** Finds something by number or name while it is typed, and offers what else can stand there. */
  interface Props {
    label: string;
    placeholder?: string;
    search: (find: string, signal: AbortSignal) => Promise<Found[]>;
    choose: (value: string, title: string) => void;
    /** What can be made there and then, of what has been typed. */
    makes?: { kind: string; title: string }[];
    make?: (kind: string, name: string) => void;
    /** What a typed text stands for that is not found: an outside number. */
    typed?: (find: string) => { value: string; title: string } | undefined;
  }
  let { label, placeholder = 'Number or name', search, choose, makes = [], make, typed }: Props = $props();

  let find = $state('');
  let found = $state.raw<Found[]>([]);
  let answered = $state<string>();
  let wrong = $state('');

  $effect(() => {
    const asked = new AbortController();
    const text = find;
    search(text.trim(), asked.signal).then(
      (all) => {
        found = all;
        answered = text;
        wrong = '';
      },
      (failure) => {
        if (!asked.signal.aborted) wrong = failure instanceof Error ? failure.message : String(failure);
      },
    );
    return () => asked.abort();
  });

  // What is still on its way is never offered for what has been typed since: Enter must not choose it.
  const matching = $derived(
    found.filter((one) =>
      `${one.number ?? ''} ${one.title} ${one.kind} ${one.value}`
        .toLowerCase()
        .includes(find.trim().toLowerCase()),
    ),
  );
  const other = $derived(typed?.(find));
  // Nothing new is offered before it is known what there is: Enter must not make it twice.
  const news = $derived(make && answered === find ? makes : []);

  const mark = marked(() => [
    ...matching.map((one) => one.value),
    ...(other ? ['typed'] : []),
    ...news.map((one) => 'new ' + one.kind),
  ]);
</script>

<Command.Root shouldFilter={false} {label} loop bind:value={mark.value}>
  <Command.Input class="w-full" bind:value={find} {placeholder} aria-label={label} autofocus />
  {#if wrong}<p class="wrong mt-1" role="alert">{wrong}</p>{/if}
  <Command.List tabindex={0} class="mt-2 max-h-64 overflow-auto" aria-label={label}>
    <Command.Viewport>
      {#each matching as one (one.value)}
        <Command.Item
          value={one.value}
          class="flex cursor-pointer gap-2 px-1 py-1 data-[selected]:bg-wash"
          onSelect={() => choose(one.value, one.title)}
        >
          <span class="w-12 shrink-0 font-mono text-muted">{one.number ?? ''}</span>
          <span class="grow truncate">{one.title}</span>
          <span class="text-muted">{one.kind}</span>
        </Command.Item>
      {/each}
      {#if other}
        <Command.Item
          value="typed"
          class="cursor-pointer px-1 py-1 data-[selected]:bg-wash"
          onSelect={() => other && choose(other.value, other.title)}>{other.title}</Command.Item
        >
      {/if}
      {#if make}
        {#each news as one (one.kind)}
          <Command.Item
            value={'new ' + one.kind}
            class="cursor-pointer px-1 py-1 data-[selected]:bg-wash"
            onSelect={() => make(one.kind, find.trim())}
            ><span class="font-semibold text-reed"
              >New {one.title}{find.trim() ? ` “${find.trim()}”` : ''} here</span
            ></Command.Item
          >
        {/each}
      {/if}
      {#if answered !== undefined && !matching.length && !other && !makes.length}
        <p class="px-1 py-1 text-muted">Nothing that can stand here is called that.</p>
      {/if}
    </Command.Viewport>
  </Command.List>
</Command.Root>
