<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { Preview } from '../../../app/preview.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { Would } from '../../../lib/api/types';
  import { typed } from '../../../lib/typed';
  import NoticedLines from '../../journal/NoticedLines.svelte';
  import { statesOf } from '../hours.svelte';

  /** A rule typed as words, read back while it is typed, with who would notice; Enter keeps it. */
  interface Props {
    hours: string;
    /** The rule in place of which it stands, and its words; a new one where there is none. */
    instead?: number;
    words?: string;
    label: string;
    close?: () => void;
  }
  let { hours, instead, words = '', label, close }: Props = $props();

  const id = $props.id();
  const place = $derived(`hours/${hours}/rule/${instead ?? 'new'}`);
  // svelte-ignore state_referenced_locally (what was typed before is where one begins)
  let text = $state(typed.get(place) ?? words);
  let would = $state.raw<Would | undefined>();
  let wrong = $state.raw<string[]>([]);
  const preview = new Preview();

  $effect(() => {
    const asked = new AbortController();
    const wanted = text.trim();
    if (wanted && wanted !== words) typed.keep(place, text);
    else typed.drop(place);
    if (!wanted || wanted === words) {
      would = undefined;
      preview.drop();
      return;
    }
    void site.version;
    api.typedRule(address.site, address.plan, hours, { words: wanted, instead }, asked.signal).then(
      (read) => {
        would = read;
        wrong = [];
        if (read.states) preview.ask(statesOf(hours, read.states));
        else preview.drop();
      },
      (failure) => {
        if (!asked.signal.aborted) wrong = saysOf(failure);
      },
    );
    return () => asked.abort();
  });

  async function keep(event: Event) {
    event.preventDefault();
    if (!text.trim() || text.trim() === words) return close?.();
    try {
      const read = await api.typedRule(address.site, address.plan, hours, { words: text.trim(), instead });
      would = read;
      if (!read.states) return;
      await site.change(statesOf(hours, read.states));
      typed.drop(place);
      preview.drop();
      would = undefined;
      text = words;
      close?.();
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<form onsubmit={keep}>
  <input
    class="w-full"
    bind:value={text}
    aria-label={label}
    aria-describedby={id}
    autocomplete="off"
    placeholder="Type a rule, such as “closed on last Fri in Jun from 15:00” or “Mon-Fri 8.30-5”"
  />
  <p {id} class="mt-0.5 text-xs leading-4 empty:hidden" role="status">
    {#each wrong as one (one)}<span class="wrong">{one}</span>{/each}
    {#if would && !wrong.length}
      {#if would.wrong}
        <span class="text-clay">{would.says}</span>
      {:else}
        <span class="text-muted">read as</span> <b>{would.says}</b>
        {#if would.place !== undefined && instead === undefined}
          <span class="text-muted">as rule {would.place + 1}</span>
        {/if}
        {#if preview.noticed}<span class="text-muted">· Enter keeps it ·</span>
          <NoticedLines noticed={preview.noticed} />
        {:else if preview.asking}<span class="text-muted">· asking who notices</span>
        {:else if preview.problems.length}<span class="text-clay">· {preview.problems.join(' ')}</span>{/if}
      {/if}
    {/if}
  </p>
</form>
