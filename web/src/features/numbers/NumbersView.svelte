<script lang="ts">
  import { outlineOf } from '../../app/address.svelte';
  import { site } from '../../app/site.svelte';
  import { api, Refused } from '../../lib/api/client';
  import type { NumberCall } from '../../lib/api/types';
  import EndMark from '../../lib/ui/EndMark.svelte';
  import { bench } from '../bench/bench.svelte';

  let calls = $state.raw<NumberCall[]>([]);
  let loaded = $state(false);

  $effect(() => {
    if (site.view?.version === undefined) return;
    const asked = new AbortController();
    api.get<NumberCall[]>(site.path(`/numbers?${bench.query}`), asked.signal).then(
      (found) => {
        calls = found;
        loaded = true;
        bench.problems = [];
      },
      (failure) => {
        if (!asked.signal.aborted)
          bench.problems = failure instanceof Refused ? failure.says : [String(failure)];
      },
    );
    return () => asked.abort();
  });
</script>

<div class="grow overflow-auto px-6 py-4">
  <h1 class="text-lg font-semibold">Numbers</h1>
  <p class="text-muted">Each inbound number, and what a call to it does on the bench.</p>
  {#if calls.length}
    <table class="mt-3 w-full border-collapse bg-panel">
      <thead>
        <tr class="border-y border-line text-left">
          <th class="px-3 py-1.5 font-semibold">Number</th>
          <th class="px-3 py-1.5 font-semibold">Name</th>
          <th class="px-3 py-1.5 font-semibold">Status</th>
          <th class="px-3 py-1.5 font-semibold">Trunk</th>
          <th class="px-3 py-1.5 font-semibold">A call on the bench</th>
        </tr>
      </thead>
      <tbody>
        {#each calls as call (call.number.number)}
          <tr class="border-b border-line align-top hover:bg-wash">
            <td class="px-3 py-1.5 whitespace-nowrap"
              ><a class="link font-mono" href={outlineOf(call.number.number)}>{call.number.shown}</a></td
            >
            <td class="px-3 py-1.5">{call.number.name}</td>
            <td class="px-3 py-1.5 whitespace-nowrap">
              {call.number.status}
              {#if call.number.due}<span class="ml-1 text-muted">until {call.number.due}</span>{/if}
            </td>
            <td class="px-3 py-1.5 whitespace-nowrap text-muted">{call.number.trunk ?? ''}</td>
            <td class="px-3 py-1.5"><EndMark kind={call.ending.kind} /> {call.inWords}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {:else if loaded}
    <p class="mt-4">
      This plan has no inbound number yet. Add one to the plan file under <span class="font-mono"
        >numbers</span
      >.
    </p>
  {/if}
</div>
