<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { FieldView } from '../../../lib/api/types';
  import Finder from '../../../lib/ui/Finder.svelte';
  import { outsideNumber } from '../fields';
  import Choose from './Choose.svelte';

  /** Where one text, number or truth is typed or chosen. */
  interface Props {
    form: FieldView;
    kind: string;
    at: string;
    text: string;
    id: string;
    wrong?: boolean;
    /** What is done where choosing is all: the value is kept at once. */
    chosen?: (value: string, title: string) => void;
    make?: (kind: string, name: string) => void;
    onentered?: () => void;
  }
  let { form, kind, at, text = $bindable(), id, wrong = false, chosen, make, onentered }: Props = $props();

  const flag = $derived(form.types.includes('flag'));
  const words = $derived(form.types.includes('words'));
  const titles = $derived(form.makes.map((one) => ({ kind: one, title: one.replaceAll('-', ' ') })));

  function entered(event: KeyboardEvent) {
    if (event.key === 'Enter' && !event.shiftKey && !event.isComposing) {
      event.preventDefault();
      onentered?.();
    }
  }
</script>

{#if form.chosen && chosen}
  <Finder
    label={form.help || form.title}
    search={(find, signal) => api.choices(address.site, address.plan, { kind, at, find }, signal)}
    choose={chosen}
    makes={make ? titles : []}
    {make}
    typed={(find) => outsideNumber(form, find)}
  />
{:else if form.strict}
  <Choose {form} {kind} {at} bind:text {id} {wrong} />
{:else if form.chosen}
  {@const list = id + '-choices'}
  <input
    {id}
    class="w-full"
    bind:value={text}
    {list}
    autocomplete="off"
    aria-invalid={wrong}
    onkeydown={entered}
  />
  <datalist id={list}>
    {#await api.choices(address.site, address.plan, { kind, at }) then all}
      {#each all as one (one.value)}<option value={one.value}>{one.number ?? ''} {one.title}</option>{/each}
    {/await}
  </datalist>
{:else if flag}
  <select {id} bind:value={text} aria-invalid={wrong}>
    <option value=""
      >{form.usual === undefined ? 'not said' : `as usual (${form.usual === 'true' ? 'yes' : 'no'})`}</option
    >
    <option value="true">yes</option>
    <option value="false">no</option>
  </select>
{:else if words}
  <textarea
    {id}
    class="w-full"
    rows="4"
    bind:value={text}
    onkeydown={entered}
    aria-invalid={wrong}
    aria-describedby="{id}-wrong"></textarea>
{:else}
  <input
    {id}
    type={form.secret ? 'password' : 'text'}
    class="w-full font-mono"
    bind:value={text}
    autocomplete={form.secret ? 'new-password' : 'off'}
    onkeydown={entered}
    aria-invalid={wrong}
    aria-describedby="{id}-wrong"
  />
{/if}
