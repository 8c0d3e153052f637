<script lang="ts">
  import { theme } from '../../app/theme.svelte';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import Empty from '../../lib/ui/Empty.svelte';
  import EndMark from '../../lib/ui/EndMark.svelte';
  import Finder, { type Found } from '../../lib/ui/Finder.svelte';
  import Grid, { type GridRow } from '../../lib/ui/Grid.svelte';
  import Menu from '../../lib/ui/Menu.svelte';
  import Progress from '../../lib/ui/Progress.svelte';
  import RingingBar from '../../lib/ui/RingingBar.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import TimeAxis from '../../lib/ui/TimeAxis.svelte';
  import TokenPopover from '../../lib/ui/TokenPopover.svelte';
  import { toasts } from '../../lib/ui/toasts.svelte';

  /** Every part that screens are built of, for those who build them; nothing here is of a plan. */
  const BOATS = ['Barge', 'Coble', 'Cutter', 'Dinghy', 'Ketch', 'Lugger', 'Skiff', 'Yawl'];
  const ROWS = 10_000;
  let dialog = $state(false);
  let value = $state('nothing yet');
  let marked = $state.raw<ReadonlySet<string>>(new Set());
  let opened = $state('');
  let done = $state(12);

  async function search(find: string): Promise<Found[]> {
    return BOATS.filter((one) => one.toLowerCase().includes(find.toLowerCase())).map((one, index) => ({
      value: one,
      title: one,
      kind: 'boat',
      number: String(100 + index),
    }));
  }

  function row(index: number): GridRow {
    const name = `${BOATS[index % BOATS.length]} ${index}`;
    return {
      key: String(index),
      cells: [name, String(1000 + index), index % 3 ? 'ripe' : 'green'],
      href: '#' + index,
    };
  }
</script>

<svelte:head><title>Parts · Bittern</title></svelte:head>
<main id="content" class="h-full overflow-auto">
  <ScreenFrame title="Parts" about="What screens are built of, in the theme that is on.">
    {#snippet actions()}
      <button class="plain" onclick={() => theme.turn()}>{theme.dark ? 'Light theme' : 'Dark theme'}</button>
      <Menu label="A menu">
        {#snippet items(item)}
          {@render item('First thing', () => (value = 'first thing done'))}
          {@render item('Second thing', () => (value = 'second thing done'))}
        {/snippet}
      </Menu>
    {/snippet}
    {#snippet side()}
      <h2 class="font-semibold">At its side</h2>
      <p class="mt-1" data-testid="value">{value}</p>
      <p class="mt-1" data-testid="opened">{opened}</p>
    {/snippet}
    <div class="flex flex-col gap-4 px-5 pb-5">
      <Tabs
        label="Views"
        current="one"
        tabs={[
          { name: 'one', title: 'one view', count: 3, href: '#one' },
          { name: 'two', title: 'another', href: '#two' },
        ]}
      />
      <p>
        A sentence with a
        <TokenPopover label="Token: change" text="token">
          {#snippet children(close)}
            <Finder
              label="What stands there"
              {search}
              choose={(found) => {
                value = found;
                close();
              }}
              makes={[{ kind: 'boat', title: 'boat' }]}
              make={(kind, name) => {
                value = `new ${kind} ${name}`;
                close();
              }}
            />
          {/snippet}
        </TokenPopover>
        in it, and how a call ends:
        {#each ['answered', 'message', 'outside', 'ended', 'lost'] as kind (kind)}
          <span class="mr-2"><EndMark {kind} /> {kind}</span>
        {/each}
      </p>
      <p class="flex gap-2">
        <button class="primary">The one thing to do</button>
        <button class="plain" onclick={() => (dialog = true)}>Ask something</button>
        <button class="plain" onclick={() => toasts.show('Something was done.')}>Say something</button>
        <button class="plain" onclick={() => toasts.show('Something went wrong.', { wrong: true })}
          >Say what is wrong</button
        >
      </p>
      <Progress label="Work that takes longer" {done} of={40} stop={() => (done = 0)} />
      <div>
        <TimeAxis seconds={95} width={700} />
        <RingingBar from={4} to={34} seconds={95} width={700} cycle={3} label="rings from 4 s to 34 s" />
      </div>
      <Empty title="Nothing is here yet"><button class="plain">Make the first</button></Empty>
      <div class="h-64 border border-line">
        <div class="flex h-full flex-col">
          <Grid
            label="boats"
            columns={[
              { name: 'title', title: 'Name' },
              { name: 'number', title: 'Number', mono: true, width: '8rem' },
              { name: 'state', title: 'State' },
            ]}
            total={ROWS}
            {row}
            onrange={() => {}}
            everything={() => Promise.resolve()}
            onopen={(one) => (opened = one.cells[0] ?? '')}
            {marked}
            onmark={(keys) => (marked = keys)}
            onletter={(letter) => (value = 'typed ' + letter)}
            onpaste={(rows, column, cells) =>
              (value = `pasted ${cells.length} into ${rows[0]?.key ?? 'nothing'} at ${column}`)}
          />
        </div>
      </div>
    </div>
  </ScreenFrame>
</main>
<Dialog bind:open={dialog} title="A question" about="It is answered before anything else is done.">
  <p class="text-right"><button class="primary" onclick={() => (dialog = false)}>Answer</button></p>
</Dialog>
