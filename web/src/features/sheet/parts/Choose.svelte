<script lang="ts">
  import { tick } from 'svelte';
  import { address } from '../../../app/address.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { FieldView } from '../../../lib/api/types';
  import Finder from '../../../lib/ui/Finder.svelte';
  import { kinds } from '../kinds.svelte';
  import { outsideNumber } from '../fields';

  /** One of several fields that are filled in together: found by name, and made there where it is not there yet. */
  interface Props {
    form: FieldView;
    kind: string;
    at: string;
    /** What is chosen, as a plan file writes it; nothing where it is empty. */
    text: string;
    id: string;
    wrong?: boolean;
    /** What its button says where nothing is chosen. */
    none?: string;
  }
  let { form, kind, at, text = $bindable(), id, wrong = false, none = 'choose' }: Props = $props();

  const all = kinds();
  let open = $state(false);
  let button = $state<HTMLButtonElement>();
  let title = $state('');
  let titled = $state('');
  const shown = $derived(text === '' ? none : titled === text ? title : '…');
  let refused = $state.raw<string[]>([]);

  /** A name is all that is known here: what needs more is made on its own. */
  const makes = $derived(
    form.makes
      .filter((one) => !all.of(one)?.fields.some((field) => field.needed) && all.of(one)?.keys === 'words')
      .map((one) => ({ kind: one, title: one.replaceAll('-', ' ') })),
  );

  // What was there before is called by its title too.
  $effect(() => {
    const value = text;
    if (value === '' || value === titled) return;
    const asked = new AbortController();
    api.choices(address.site, address.plan, { kind, at, find: value }, asked.signal).then(
      (found) => {
        titled = value;
        title = found.find((one) => one.value === value)?.title ?? value;
      },
      (failure: unknown) => {
        if (!asked.signal.aborted) refused = saysOf(failure);
      },
    );
    return () => asked.abort();
  });

  function choose(value: string, called: string) {
    text = value;
    title = called;
    titled = value;
    close();
  }

  function close() {
    open = false;
    void tick().then(() => button?.focus());
  }

  async function make(kind: string, name: string) {
    refused = [];
    try {
      const fresh = await api.fresh(address.site, address.plan, kind, { name });
      await site.change({ create: { object: `${kind}/${fresh.key}`, body: fresh.body } });
      choose(form.byKey ? fresh.key : `${kind}/${fresh.key}`, name);
    } catch (failure) {
      refused = saysOf(failure);
    }
  }
</script>

<button
  bind:this={button}
  {id}
  type="button"
  class="token {wrong ? 'wrong' : text === '' ? 'text-muted' : ''}"
  aria-label="{form.title}: {shown}"
  aria-expanded={open}
  onclick={() => (open = !open)}>{shown}</button
>
{#if text !== '' && !form.needed}
  <button
    type="button"
    class="px-1 text-muted"
    aria-label="{form.title}: take away"
    onclick={() => (text = '')}>×</button
  >
{/if}
{#if open}
  <!-- Escape closes what was opened last, and not what it stands in. -->
  <div
    class="mt-1 border-l-4 border-reed bg-paper p-2"
    role="presentation"
    onkeydown={(event) => {
      if (event.key === 'Escape') {
        event.stopPropagation();
        event.preventDefault();
        close();
      }
    }}
  >
    <Finder
      label={form.help || form.title}
      search={(find, signal) => api.choices(address.site, address.plan, { kind, at, find }, signal)}
      {choose}
      {makes}
      make={makes.length ? (one, name) => void make(one, name) : undefined}
      typed={(find) => outsideNumber(form, find)}
    />
  </div>
{/if}
{#each refused as one (one)}<p class="wrong mt-1" role="alert">{one}</p>{/each}
