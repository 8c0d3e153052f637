<script lang="ts">
  import { splitRef } from '../../../app/refs';
  import { address } from '../../../app/address.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { Choice, PlaceView } from '../../../lib/api/types';
  import Dialog from '../../../lib/ui/Dialog.svelte';
  import { step } from '../../sheet/fields';
  import { kinds } from '../../sheet/kinds.svelte';
  import { makeAt } from '../../sheet/making';
  import ValueEditor from '../../sheet/parts/ValueEditor.svelte';
  import { whenOpened } from '../../../lib/ui/opened.svelte';

  /** Adds a key to a menu or a case to a branch: which, and where it leads. */
  let {
    place,
    title,
    open = $bindable(),
  }: { place: PlaceView | undefined; title: string; open: boolean } = $props();

  const all = kinds();
  let name = $state('');
  let names = $state.raw<Choice[]>([]);
  let wrong = $state('');
  const kind = $derived(place ? splitRef(place.object)[0] : '');
  const map = $derived(all.of(kind)?.fields.find((field) => '/' + field.name === place?.field));
  /** Where the entry leads: its own value, or the field of it that is a destination. */
  const leads = $derived(map?.each?.fields.find((field) => field.name === 'to'));
  const form = $derived(leads ?? map?.each);
  const at = $derived(place ? place.field + step(name) + (leads ? '/to' : '') : '');

  whenOpened(
    () => open,
    () => {
      name = '';
      if (!place) return;
      api.names(address.site, address.plan, { object: place.object, field: place.field.slice(1) }).then(
        (found) => (names = found),
        (failure) => (wrong = saysOf(failure).join(' ')),
      );
    },
  );
</script>

<Dialog bind:open {title} about={map?.each?.help}>
  {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
  <p class="flex flex-wrap gap-1.5" role="group" aria-label={map?.each?.title ?? 'Entry'}>
    {#each names as one (one.value)}
      <button
        class="plain font-mono {one.value === name ? 'border-reed' : ''}"
        onclick={() => (name = one.value)}>{one.value}</button
      >
    {/each}
    <input
      class="w-32 font-mono"
      bind:value={name}
      aria-label={map?.each?.title ?? 'Entry'}
      autocomplete="off"
    />
  </p>
  {#if name && form && place}
    {@const object = place.object}
    {#key name}
      <div class="mt-3">
        <ValueEditor
          {form}
          {kind}
          {object}
          {at}
          value={undefined}
          save={async (value) => {
            await site.change({ set: { object, field: at, value: value ?? null } });
            open = false;
          }}
          make={(made, called) => {
            const known = all.of(made);
            open = false;
            if (known) makeAt(known, called, { object, at, byKey: false }).catch(site.fail.bind(site));
          }}
        />
      </div>
    {/key}
  {/if}
</Dialog>
