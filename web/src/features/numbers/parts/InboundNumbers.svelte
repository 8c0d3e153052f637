<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { live } from '../../../app/live.svelte';
  import { dayName } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import type { NumberCall } from '../../../lib/api/types';
  import Empty from '../../../lib/ui/Empty.svelte';
  import EndMark from '../../../lib/ui/EndMark.svelte';
  import { creating } from '../../sheet/creating.svelte';

  /** Each inbound number: how it arrives, where it stands with the carrier, and what a call to it does on the bench. */
  interface Props {
    calls: NumberCall[];
    /** Whether there are more than were asked for, and the way to ask for them. */
    more: boolean;
    all: () => void;
    paste: () => void;
  }
  let { calls, more, all, paste }: Props = $props();

  const find = $derived(address.query.get('find') ?? '');
</script>

{#if calls.length || find}
  <div class="min-h-0 grow overflow-auto">
    <table class="w-full border-collapse bg-panel">
      <thead class="sticky top-0 bg-panel">
        <tr class="border-b border-line text-left">
          <th class="px-5 py-1 font-semibold">Number</th>
          <th class="px-2 py-1 font-semibold">Name</th>
          <th class="px-2 py-1 font-semibold">Status</th>
          <th class="px-2 py-1 font-semibold">Arrives as</th>
          <th class="px-2 py-1 font-semibold whitespace-nowrap">Counted as</th>
          <th class="px-2 py-1 pr-5 font-semibold">A call on the bench</th>
        </tr>
      </thead>
      <tbody>
        {#each calls as { number, ending, inWords } (number.number)}
          {@const by = live.changed.get('number/' + number.number)}
          <tr class="border-b border-line align-top hover:bg-wash">
            <td class="px-5 py-1 whitespace-nowrap"
              ><a class="link font-mono text-[13px]" href={address.to('outline', number.number)}
                >{number.shown}</a
              ></td
            >
            <td class="px-2 py-1"
              ><a class="hover:underline" href={address.to('numbers', 'number', number.number)}
                >{number.name}</a
              >
              {#if by}<span class="ml-1 bg-wash px-1 text-xs font-semibold text-water">{by}</span>{/if}</td
            >
            <td class="px-2 py-1 {number.status === 'active' ? 'text-muted' : 'text-reed'}">
              {number.status}{number.due ? `, ${dayName(number.due)}` : ''}
            </td>
            <td class="px-2 py-1">
              <span class="font-mono text-[13px]">{number.arrives ?? ''}</span>
              <span class="text-xs text-muted">{number.trunk ? `on ${number.trunk}` : 'on no trunk'}</span>
            </td>
            <td class="px-2 py-1 text-muted">{number.report ?? ''}</td>
            <td class="px-2 py-1 pr-5"><EndMark kind={ending.kind} /> {inWords}</td>
          </tr>
        {:else}
          <tr><td class="px-5 py-2 text-muted" colspan="6">No inbound number is called “{find}”.</td></tr>
        {/each}
      </tbody>
    </table>
    {#if more}
      <p class="px-5 py-2"><button class="plain" onclick={all}>Show all that there are</button></p>
    {/if}
  </div>
{:else}
  <Empty title="This plan has no inbound number yet: calls come in by one.">
    {#if site.open}
      <button class="primary" onclick={() => creating.begin('number')}>Make the first inbound number</button>
      <button class="plain" onclick={paste}>Paste them as you have them</button>
    {/if}
  </Empty>
{/if}
