<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { dayName } from '../../../app/said';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import Dialog from '../../../lib/ui/Dialog.svelte';
  import AddDays from './AddDays.svelte';

  /** The public holidays of a country and region, to be ticked. */
  let { open = $bindable(), hours, states }: { open: boolean; hours: string; states: string[] } = $props();

  let country = $state('');
  let region = $state('');
  const query = askPlan(() => ({
    key: ['holidays', country, region],
    ask: (signal) => api.holidays(address.site, address.plan, { country, region }, signal),
    on: open,
  }));
  const view = $derived(query.data);
  const countries = new Intl.DisplayNames(['en'], { type: 'region' });
  const days = $derived(
    (view?.days ?? []).map((day) => ({
      id: day.name + day.first,
      title: day.name,
      words: day.words,
      about: `next ${dayName(day.first)}`,
    })),
  );
</script>

<Dialog bind:open wide title="Public holidays" about="Take away the ticks of days on which it is as usual.">
  <p class="flex gap-3">
    <label
      >Country <select
        aria-label="Country"
        value={view?.country ?? ''}
        onchange={(event) => {
          country = event.currentTarget.value;
          region = '';
        }}
      >
        {#each view?.countries ?? [] as one (one)}<option value={one}>{countries.of(one)}</option>{/each}
      </select></label
    >
    {#if view?.regions.length}
      <label
        >Region <select aria-label="Region" bind:value={region}>
          <option value="">the whole country</option>
          {#each view.regions as one (one.key)}<option value={one.key}>{one.name}</option>{/each}
        </select></label
      >
    {/if}
  </p>
  {#if query.isError}
    <p class="wrong mt-2" role="alert">{saysOf(query.error).join(' ')}</p>
  {:else if view && days.length}
    {#key view.country + region}<AddDays {hours} {states} {days} close={() => (open = false)} />{/key}
  {:else if view}
    <p class="mt-2">No holidays are known of this country. A calendar file brings them.</p>
  {/if}
</Dialog>
