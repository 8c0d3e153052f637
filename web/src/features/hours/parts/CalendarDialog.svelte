<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { CalendarView } from '../../../lib/api/types';
  import { TypedText } from '../../../lib/typedText.svelte';
  import Dialog from '../../../lib/ui/Dialog.svelte';
  import AddDays from './AddDays.svelte';

  /** Days from a calendar file: what would be taken over, and what cannot be read and why. */
  let { open = $bindable(), hours, states }: { open: boolean; hours: string; states: string[] } = $props();

  let view = $state.raw<CalendarView | undefined>();
  let wrong = $state.raw<string[]>([]);
  const pasted = new TypedText(() => `calendar/${address.site}/${hours}`);
  const days = $derived(
    (view?.events ?? []).map((event) => ({
      id: String(event.line),
      title: event.title,
      words: event.words,
    })),
  );

  async function read(file: string) {
    view = undefined;
    wrong = [];
    try {
      view = await api.readCalendar(address.site, address.plan, file);
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<Dialog
  bind:open
  wide
  title="Days from a calendar file"
  about="A file in the iCalendar format (.ics, RFC 5545). Nothing is kept before you add it."
  onclosed={() => (view = undefined)}
>
  <p class="flex flex-wrap items-center gap-2">
    <label class="plain cursor-pointer"
      >Choose a file<input
        class="sr-only"
        type="file"
        accept=".ics,text/calendar"
        onchange={(event) => void event.currentTarget.files?.[0]?.text().then(read)}
      /></label
    >
    <span class="text-muted">or paste it here:</span>
  </p>
  <form
    class="mt-2"
    onsubmit={(event) => {
      event.preventDefault();
      void read(pasted.text);
    }}
  >
    <textarea
      class="w-full font-mono text-[13px]"
      rows="3"
      bind:value={pasted.text}
      aria-label="Calendar file"></textarea>
    <button class="plain" disabled={!pasted.text.trim()}>Look into it</button>
  </form>
  <div role="alert">
    {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
  </div>
  {#if view}
    {#if view.unread.length}
      <h3 class="mt-3 font-semibold text-clay">
        {view.unread.length === 1 ? '1 part is' : `${view.unread.length} parts are`} not taken over
      </h3>
      <ul class="max-h-32 overflow-auto">
        {#each view.unread as one, index (index)}
          <li>line {one.line}, {one.what}: <span class="text-muted">{one.why}</span></li>
        {/each}
      </ul>
    {/if}
    {#if days.length}
      <AddDays
        {hours}
        {states}
        {days}
        close={() => {
          pasted.text = '';
          open = false;
        }}
      />
    {:else}<p class="mt-2">No day in it can be taken over.</p>{/if}
  {/if}
</Dialog>
