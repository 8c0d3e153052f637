<script lang="ts">
  import { untrack } from 'svelte';
  import { Refused, saysOf } from '../../../lib/api/client';
  import type { ClashView, FieldView } from '../../../lib/api/types';
  import { typed as kept } from '../../../lib/typed';
  import { usualOf, valueOf } from '../fields';
  import type { RefusedWish } from '../keeping.svelte';
  import FieldsForm from './FieldsForm.svelte';
  import Leaf from './Leaf.svelte';

  /** Changes one value: typed or chosen, with its help, what is usual and allowed, and what was wrong with it. */
  interface Props {
    form: FieldView;
    kind: string;
    object: string;
    at: string;
    value: unknown;
    /**
     * Keeps it; nothing takes it away. `anyway` where what somebody else has made of it meanwhile is known; `title` is what
     * was chosen is called.
     */
    save: (value: unknown, anyway?: boolean, title?: string) => Promise<void>;
    /** Leaves it as it is. */
    close?: () => void;
    make?: (kind: string, name: string) => void;
    removable?: boolean;
    /** What was wished for here before, and refused when this was not open any more. */
    refused?: RefusedWish;
  }
  let { form, kind, object, at, value, save, close, make, removable = true, refused }: Props = $props();

  const place = untrack(() => object + at);
  const secret = untrack(() => form.secret);
  const plain = untrack(() =>
    secret || typeof value === 'object' || value === undefined ? '' : String(value),
  );
  const asFields = $derived(form.types.includes('fields') && form.fields.length > 0);
  const asLeaf = $derived(form.types.some((type) => type !== 'list' && type !== 'fields'));
  let text = $state(secret ? '' : (kept.get(place) ?? plain));
  let fields = $state(untrack(() => typeof value === 'object' && value !== null && !Array.isArray(value)));
  /** What was last wished for, typed, chosen, or put together of fields, and refused. */
  let last = $state.raw<RefusedWish | undefined>();
  const no = $derived(last ?? refused);
  const wrong = $derived(no ? saysOf(no.failure) : []);
  const clash = $derived<ClashView | undefined>(
    no?.failure instanceof Refused ? no.failure.clashes[0] : undefined,
  );
  let busy = $state(false);
  const flag = $derived(form.types.length === 1 && form.types[0] === 'flag');

  $effect(() => {
    if (secret) return;
    if (text !== plain) kept.keep(place, text);
    else kept.drop(place);
  });

  async function keep(wanted: unknown, anyway = false, title?: string) {
    busy = true;
    last = undefined;
    try {
      await save(wanted, anyway, title);
      kept.drop(place);
    } catch (failure) {
      last = { wanted, failure };
    } finally {
      busy = false;
    }
  }

  function submit(event?: Event) {
    event?.preventDefault();
    void keep(text === '' && flag ? null : valueOf(form, text));
  }
</script>

<form onsubmit={submit}>
  <label class="block text-muted" for="value"
    >{form.help}{form.usual === undefined ? '' : ` Usual: ${usualOf(form)}.`}</label
  >
  {#if asFields && asLeaf}
    <p class="mt-1 flex gap-3">
      <button type="button" class={fields ? 'link' : 'font-semibold'} onclick={() => (fields = false)}
        >one value</button
      >
      <button type="button" class={fields ? 'font-semibold' : 'link'} onclick={() => (fields = true)}
        >{form.fields.map((field) => field.title.toLowerCase()).join(', ')}</button
      >
    </p>
  {/if}
  {#if asFields && (fields || !asLeaf)}
    <div class="mt-2"><FieldsForm {form} {kind} {at} {value} save={(wanted) => keep(wanted)} /></div>
  {:else}
    <div class="mt-2">
      <Leaf
        {form}
        {kind}
        {at}
        bind:text
        id="value"
        wrong={wrong.length > 0}
        chosen={form.strict ? (one, title) => void keep(valueOf(form, one), false, title) : undefined}
        {make}
        onentered={() => submit()}
      />
    </div>
  {/if}
  <div id="value-wrong" role="alert">
    {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
  </div>
  {#if clash}
    {@const theirs = clash}
    <p class="mt-2 flex flex-wrap gap-2">
      <button type="button" class="plain" onclick={() => void keep(no?.wanted, true)}
        >Keep yours: {theirs.yours ?? 'nothing'}</button
      >
      <button
        type="button"
        class="plain"
        onclick={() => {
          kept.drop(place);
          close?.();
        }}>Leave theirs: {theirs.theirs ?? 'nothing'}</button
      >
    </p>
  {/if}
  {#if !(asFields && (fields || !asLeaf))}
    <p class="mt-2 flex items-center justify-between gap-2">
      <span class="text-xs text-muted">{form.allowed ? `Allowed: ${form.allowed}.` : ''}</span>
      <span class="flex shrink-0 gap-2">
        {#if removable && value !== undefined && !form.needed}
          <button type="button" class="plain" disabled={busy} onclick={() => void keep(null)}
            >Take away</button
          >
        {/if}
        {#if !form.strict}<button class="primary" disabled={busy}>Keep</button>{/if}
      </span>
    </p>
  {/if}
</form>
