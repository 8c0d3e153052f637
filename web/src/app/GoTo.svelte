<script lang="ts">
  import { Command, Dialog } from 'bits-ui';
  import { land } from '../lib/ui/landing';
  import { marked } from '../lib/ui/marked.svelte';
  import { bench, queryOf } from '../features/bench/bench.svelte';
  import { findings } from '../features/findings/findings.svelte';
  import { creating } from '../features/sheet/creating.svelte';
  import * as api from '../lib/api/endpoints';
  import type { BenchText } from '../lib/api/types';
  import { address } from './address.svelte';
  import { sheetOf, visit } from './links';
  import { splitRef } from './refs';
  import { askPlan, askServer } from './queries.svelte';
  import { SCREENS } from './screens';
  import { session } from './session.svelte';
  import { site } from './site.svelte';
  import { theme } from './theme.svelte';

  let { open = $bindable() }: { open: boolean } = $props();
  let find = $state('');
  let went = false;

  const MOST = 40;
  const found = findings();
  const kinds = askServer(() => ({ key: ['kinds'], ask: (signal) => api.kinds(signal), on: open }));
  const objects = askPlan(() => ({
    key: ['find', find.trim()],
    ask: (signal) => api.find(address.site, address.plan, { find: find.trim() }, signal),
    on: open && find.trim() !== '',
  }));

  const typed = askPlan(() => ({
    key: ['typed-call', find.trim(), bench.at],
    ask: (signal) => api.typed(address.site, address.plan, { typed: find.trim(), at: bench.at }, signal),
    // Whether it is a call is the server's to say; one word never is.
    on: open && site.open && find.trim().includes(' '),
  }));

  interface Place {
    title: string;
    more: string;
    go: () => void;
    /** Whether it leaves the screen as it is. */
    stays?: boolean;
  }

  /** A number is gone to in its outline, anything else in its sheet. */
  function placeOf(object: string): string {
    const [kind, key] = splitRef(object);
    return kind === 'number' ? address.to('outline', key) : sheetOf(object);
  }

  // What was looked for last is done with, however the dialog is opened.
  $effect(() => {
    if (open) find = '';
  });

  const wanted = $derived(find.trim().toLowerCase());
  const matching = $derived((place: Place) => `${place.title} ${place.more}`.toLowerCase().includes(wanted));
  /** A call that was typed stands on the bench of its outline. */
  function outlineOf(call: BenchText): string {
    const inside = call.from.startsWith('extension/');
    const path = address.in(address.site, address.plan, 'outline', ...(inside ? [] : [call.to]));
    return `${path.split('?')[0]}?${queryOf(call).toString()}`;
  }

  const places = $derived.by((): Place[] => [
    ...(typed.data?.says && typed.data.bench ? [{ says: typed.data.says, bench: typed.data.bench }] : []).map(
      (call): Place => ({ title: call.says, more: 'call', go: () => visit(outlineOf(call.bench)) }),
    ),
    ...SCREENS.filter((screen) => screen.name !== 'outline')
      .map((screen): Place => ({
        title: screen.title,
        more: 'screen',
        go: () => visit(address.to(screen.name)),
      }))
      .filter(matching),
    ...(wanted ? (objects.data ?? []) : []).map((one): Place => ({
      title: [one.number, one.title].filter(Boolean).join(' '),
      more: one.value.startsWith('number/') ? 'outline' : one.kind,
      go: () => visit(placeOf(one.value)),
    })),
    ...found.all
      .map((finding): Place => ({
        title: finding.says,
        more: 'finding',
        go: () => visit(placeOf(finding.object)),
      }))
      .filter(matching)
      .slice(0, MOST),
    ...(site.open ? (kinds.data ?? []) : [])
      .filter((kind) => !kind.single)
      .map((kind): Place => ({
        title: `New ${kind.title}`,
        more: 'command',
        go: () => creating.begin(kind.kind),
        stays: true,
      }))
      .filter((place) => wanted !== '' && matching(place)),
    ...[
      { title: 'Undo', more: 'Ctrl+Z', go: () => void site.undo(), stays: true },
      { title: 'Redo', more: 'Ctrl+Shift+Z', go: () => void site.redo(), stays: true },
      { title: 'All sites', more: 'screen', go: () => visit('/') },
      {
        title: theme.dark ? 'Light theme' : 'Dark theme',
        more: 'command',
        go: () => theme.turn(),
        stays: true,
      },
      { title: 'Sign out', more: 'command', go: () => void session.signOut().catch(site.fail.bind(site)) },
    ].filter(matching),
  ]);

  function valueOf(place: Place, index: number): string {
    return `${index} ${place.more} ${place.title}`;
  }

  const mark = marked(() => places.map(valueOf));
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-30 bg-black/30" />
    <Dialog.Content
      onCloseAutoFocus={(event) => {
        if (!went) return;
        went = false;
        event.preventDefault();
        land();
      }}
      class="sheet fixed top-20 left-1/2 w-[520px] max-w-[94vw] -translate-x-1/2"
    >
      <Dialog.Title class="sr-only">Go to</Dialog.Title>
      <Command.Root label="Go to" loop shouldFilter={false} bind:value={mark.value}>
        <Command.Input
          class="w-full"
          bind:value={find}
          placeholder="A number, a name, a finding, a command, or call 960100 tomorrow 20:00 press 3"
        />
        <Command.List tabindex={0} class="mt-2 max-h-80 overflow-auto" aria-label="Places">
          <Command.Viewport>
            {#each places as place, index (index + place.more + place.title)}
              <Command.Item
                value={valueOf(place, index)}
                class="flex cursor-pointer justify-between gap-3 px-1 py-1 data-[selected]:bg-wash"
                onSelect={() => {
                  went = !place.stays;
                  open = false;
                  place.go();
                }}
                ><span>{place.title}</span><span class="shrink-0 text-muted">{place.more}</span></Command.Item
              >
            {:else}
              <p class="px-1 py-2 text-muted">
                {objects.isFetching ? 'Looking.' : `Nothing is called “${find.trim()}”.`}
              </p>
            {/each}
          </Command.Viewport>
        </Command.List>
      </Command.Root>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
