<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { Preview } from '../../../app/preview.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import NoticedLines from '../../journal/NoticedLines.svelte';
  import { statesOf } from '../hours.svelte';

  /** Days that are ticked, added to a state of hours as one edit, with who would notice. */
  interface Props {
    hours: string;
    states: string[];
    days: { id: string; title: string; words: string; about?: string }[];
    close: () => void;
  }
  let { hours, states, days, close }: Props = $props();

  let left = $state.raw<ReadonlySet<string>>(new Set());
  let chosen = $state('');
  let wrong = $state.raw<string[]>([]);
  const preview = new Preview();
  const into = $derived(chosen || states.find((one) => one === 'holiday') || 'holiday');
  const offered = $derived([...new Set([...states, 'holiday'])]);
  const taken = $derived(days.filter((day) => !left.has(day.id)).map((day) => day.words));

  $effect(() => {
    const asked = new AbortController();
    const [state, all] = [into, taken];
    preview.drop();
    wrong = [];
    if (!all.length) return;
    api.withDays(address.site, address.plan, hours, { state, days: all }, asked.signal).then(
      (would) => {
        if (would.states) preview.ask(statesOf(hours, would.states));
        else wrong = [would.says];
      },
      (failure) => {
        if (!asked.signal.aborted) wrong = saysOf(failure);
      },
    );
    return () => {
      asked.abort();
      preview.drop();
    };
  });

  function turn(id: string) {
    const next = new Set(left);
    if (!next.delete(id)) next.add(id);
    left = next;
  }

  async function keep() {
    try {
      const would = await api.withDays(address.site, address.plan, hours, { state: into, days: taken });
      if (!would.states) wrong = [would.says];
      else {
        await site.change(statesOf(hours, would.states));
        close();
      }
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<p class="mt-2 flex items-center gap-3">
  <label
    >On these days it is <select value={into} onchange={(event) => (chosen = event.currentTarget.value)}>
      {#each offered as one (one)}<option>{one}</option>{/each}
    </select></label
  >
  <button type="button" class="link" onclick={() => (left = new Set(days.map((day) => day.id)))}>none</button>
  <button type="button" class="link" onclick={() => (left = new Set())}>all</button>
</p>
<ul class="mt-2 max-h-72 overflow-auto border-y border-line">
  {#each days as day (day.id)}
    <li class="border-b border-line py-0.5 last:border-b-0">
      <label class="flex min-h-6 items-center gap-2"
        ><input type="checkbox" checked={!left.has(day.id)} onchange={() => turn(day.id)} />
        <span class="grow">{day.title} <span class="text-muted">{day.about ?? ''}</span></span>
        <span class="font-mono text-[13px]">{day.words}</span></label
      >
    </li>
  {/each}
</ul>
<p class="mt-2 min-h-5 text-muted" role="status">
  {#each wrong as one (one)}<span class="wrong">{one}</span>{/each}
  {#if preview.noticed}<NoticedLines noticed={preview.noticed} />{:else if preview.asking}Asking who notices.{/if}
</p>
<p class="mt-2 text-right">
  <button type="button" class="primary" disabled={!taken.length} onclick={() => void keep()}
    >Add {taken.length} {taken.length === 1 ? 'entry' : 'entries'}</button
  >
</p>
