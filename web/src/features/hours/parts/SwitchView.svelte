<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import { Preview } from '../../../app/preview.svelte';
  import { dayAndTime } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import type { PositionsView, SwitchRow } from '../../../lib/api/types';
  import NoticedLines from '../../journal/NoticedLines.svelte';
  import { bench } from '../../bench/bench.svelte';

  /** A switch: what each of its positions does, and the way to put it there, in the plan or on the bench alone. */
  let { row, view }: { row: SwitchRow; view: PositionsView } = $props();

  const key = $derived(row.object.slice('switch/'.length));
  const turned = $derived(bench.of('turned', key));
  const preview = new Preview();
  let asked = $state('');

  function wish(position: string) {
    return { set: { object: row.object, field: '/now', value: position } };
  }

  function ask(position: string) {
    asked = position;
    preview.ask(wish(position));
  }
</script>

<div class="px-5 pt-3 pb-1">
  <h2 class="text-base font-semibold">
    <a class="hover:underline" href={sheetOf(row.object)}>{row.title}</a>
  </h2>
  <p class="text-muted">
    {row.now}{row.since
      ? ` since ${dayAndTime(row.since.at)}, put there by ${row.since.account}`
      : ' as the plan came'}
    {#if row.number}· {row.number} turns it to the next position{/if}
  </p>
</div>
<table class="w-full border-collapse bg-panel">
  <thead>
    <tr class="border-y border-line text-left">
      <th class="px-5 py-1 font-semibold">Position</th>
      <th class="px-2 py-1 font-semibold">Sends calls</th>
      <th class="no-print w-72 px-5 py-1"><span class="sr-only">Do</span></th>
    </tr>
  </thead>
  <tbody>
    {#each view.positions as one (one.position)}
      {@const here = one.position === row.now}
      <tr class="border-b border-line align-top {(turned ?? row.now) === one.position ? 'bg-wash/60' : ''}">
        <td class="px-5 py-1.5"
          ><b>{one.position}</b>
          {#if here}<span class="text-xs text-muted">now</span>{/if}</td
        >
        <td class="px-2 py-1.5">
          {#each one.leads as lead (lead.at)}
            <p><a class="link" href={sheetOf(lead.at)}>{lead.title}</a>: {lead.to}</p>
          {:else}<span class="text-muted">no branch asks it</span>{/each}
          {#if asked === one.position && (preview.noticed || preview.asking)}
            <p class="text-xs" role="status">
              {#if preview.noticed}<NoticedLines noticed={preview.noticed} />{:else}asking who notices{/if}
            </p>
          {/if}
        </td>
        <td class="no-print px-5 py-1.5 text-right whitespace-nowrap">
          <button
            class="link"
            onclick={() => bench.put('turned', key, here ? '' : one.position)}
            disabled={(turned ?? row.now) === one.position}
            >{(turned ?? row.now) === one.position ? 'on the bench' : 'put on the bench'}</button
          >
          {#if site.open && !here}
            <button
              class="link ml-3"
              onpointerenter={() => ask(one.position)}
              onfocus={() => ask(one.position)}
              onclick={() => site.change(wish(one.position)).catch(site.fail.bind(site))}>turn it here</button
            >
          {/if}
        </td>
      </tr>
    {/each}
  </tbody>
</table>
<p class="px-5 pt-1 text-xs text-muted">
  {site.open ? 'What the draft says counts from the next cutover on; by phone it is turned at once.' : ''}
</p>
