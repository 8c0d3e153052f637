<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { askServer } from '../../app/queries.svelte';
  import { moment } from '../../app/said';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';

  /** What was done here, by whom, the last first; taken out as a table. */
  interface Props {
    accounts: string[];
    /** Counts up with each thing that was changed on this screen. */
    turn: number;
  }
  let { accounts, turn }: Props = $props();

  const KINDS = [
    'edit',
    'undo',
    'redo',
    'import',
    'cut-over',
    'sign-in',
    'sign-out',
    'failure',
    'held off',
    'refused',
    'password',
    'second factor',
    'session',
    'rights',
    'invitation',
    'token',
  ];
  /** Said in the colour of what is wrong: somebody tried. */
  const TRIED = ['failure', 'held off', 'refused'];
  const PAGE = 30;
  let account = $state('');
  let kind = $state('');
  let most = $state(PAGE);
  const query = askServer(() => ({
    key: ['done', address.site, account, kind, most, turn],
    ask: (signal) => api.done(address.site, { account, kind, most }, signal),
  }));
  const csv = $derived(
    `/api/sites/${encodeURIComponent(address.site)}/access/done.csv?` +
      new URLSearchParams({ account, kind }).toString(),
  );
</script>

<h2 class="font-semibold">What was done</h2>
<p class="mt-2 flex gap-2">
  <select bind:value={account} aria-label="By whom" class="min-w-0 grow">
    <option value="">by anybody</option>
    {#each accounts as one (one)}<option value={one}>{one}</option>{/each}
  </select>
  <select bind:value={kind} aria-label="Of which kind" class="min-w-0 grow">
    <option value="">of any kind</option>
    {#each KINDS as one (one)}<option value={one}>{one}</option>{/each}
  </select>
</p>
<p class="mt-1"><a class="link" href={csv} download="{address.site}-done.csv">Take it out as CSV</a></p>
{#if query.isError}
  <p class="wrong mt-2" role="alert">{saysOf(query.error).join(' ')}</p>
{:else if query.data}
  <ul class="mt-2">
    {#each query.data as one, index (index)}
      <li class="border-t border-line py-1">
        <span class="flex justify-between gap-2">
          <span class="font-mono text-[13px] text-muted">{moment(one.at)}</span>
          <span class="whitespace-nowrap {TRIED.includes(one.kind) ? 'text-clay' : 'text-muted'}"
            >{one.kind}</span
          >
        </span>
        <b class="break-all">{one.account}</b>:
        <span class="break-words">{one.says}</span>
        {#if one.address}<span class="block font-mono text-[13px] text-muted">from {one.address}</span>{/if}
      </li>
    {:else}
      <li class="text-muted">Nothing of that kind.</li>
    {/each}
  </ul>
  {#if query.data.length === most && most < 200}
    <p class="mt-2">
      <button class="plain" onclick={() => (most = Math.min(200, most + PAGE))}>Show more</button>
    </p>
  {/if}
{:else}
  <p class="mt-2 text-muted" role="status">Asking what was done.</p>
{/if}
