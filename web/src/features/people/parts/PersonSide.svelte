<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { sheetOf } from '../../../app/links';
  import { askPlan } from '../../../app/queries.svelte';
  import * as api from '../../../lib/api/endpoints';
  import type { ObjectView } from '../../../lib/api/types';
  import { bench } from '../../bench/bench.svelte';
  import Strip from '../../outline/parts/Strip.svelte';
  import { kinds } from '../../sheet/kinds.svelte';
  import Node from '../../sheet/parts/Node.svelte';
  import { Sheet } from '../../sheet/sheet.svelte';

  /** One person: what becomes of a call to them, as tokens and drawn to scale; what they may dial; where they are used. */
  let { person }: { person: string } = $props();

  const FIELDS = [
    ['ringFor', 'rings for'],
    ['forward/noAnswer', 'no answer'],
    ['forward/busy', 'busy'],
    ['forward/unreachable', 'phones off'],
    ['forward/always', 'always'],
    ['mailbox', 'mailbox'],
    ['doNotDisturb', 'do not disturb'],
    ['callWaiting', 'call waiting'],
    ['classOfService', 'may dial as'],
  ] as const;

  const all = kinds();
  const key = $derived(person.slice('extension/'.length));
  const query = askPlan(() => ({
    key: ['object', 'extension', key],
    ask: (signal) => api.object(address.site, address.plan, 'extension', key, signal),
  }));
  const view = $derived<ObjectView | undefined>(query.data?.object === person ? query.data : undefined);
  const sheet = new Sheet(() => view);
  const forms = $derived(all.of('extension')?.fields ?? []);

  function form(path: string) {
    const [first, second] = path.split('/');
    const field = forms.find((one) => one.name === first);
    return second ? field?.fields.find((one) => one.name === second) : field;
  }

  // A colleague rings the person, at the instant of the bench, with the phones that are set on it.
  const two = askPlan(() => ({
    key: ['people', 'two'],
    ask: (signal) => api.people(address.site, address.plan, { rows: 2 }, signal),
    beside: true,
  }));
  const colleague = $derived(
    [bench.phone, ...(two.data?.rows.map((row) => row.object) ?? [])].find((one) => one && one !== person),
  );
  const call = askPlan(() => ({
    key: ['dialled', key, colleague, bench.query],
    ask: (signal) =>
      api.trace(
        address.site,
        address.plan,
        { ...bench.query, to: key, from: colleague ?? '', keys: '' },
        signal,
      ),
    on: bench.at !== '' && colleague !== undefined,
    beside: true,
  }));
  const may = askPlan(() => ({
    key: ['may-dial', key],
    ask: (signal) => api.mayDial(address.site, address.plan, key, signal),
    beside: true,
  }));
  const FEW = 8;
</script>

{#if view}
  <h2 class="text-base font-semibold">
    <a class="hover:underline" href={sheetOf(person)}>{view.title}</a>
  </h2>
  <section class="mt-2">
    <h3 class="font-semibold">When {key} is called</h3>
    <dl class="grid grid-cols-[7rem_1fr] gap-x-2">
      {#each FIELDS as [path, label] (path)}
        {@const field = form(path)}
        {#if field}
          <dt class="py-0.5 text-muted">{label}</dt>
          <dd class="min-w-0 py-0.5"><Node {sheet} form={field} at="/{path}" {label} /></dd>
        {/if}
      {/each}
    </dl>
    {#if call.data && colleague}
      <p class="mt-2 text-xs text-muted">
        drawn as {colleague.slice('extension/'.length)} dials it, at the bench's time
      </p>
      <div class="-mx-4"><Strip call={call.data} marks={4} /></div>
    {/if}
  </section>
  <section class="mt-3 border-t border-line pt-3">
    <h3 class="font-semibold">May dial</h3>
    {#each may.data?.rows ?? [] as row (row.dialled)}
      <p class="flex gap-2 text-[13px] {row.may ? '' : 'text-muted'}">
        <span class="w-28 shrink-0 truncate font-mono">{row.dialled}</span>
        <span class="grow truncate">{row.leads}{row.alike > 1 ? ` (${row.alike})` : ''}</span>
        <span class={row.may ? 'text-moss' : 'text-clay'}>{row.may ? 'may' : 'barred'}</span>
      </p>
    {/each}
  </section>
  <section class="mt-3 border-t border-line pt-3">
    <h3 class="font-semibold">Used in</h3>
    {#each view.uses.slice(0, FEW) as use (use.object + use.at)}
      <p class="mt-1">
        <a class="link" href={sheetOf(use.object)}>{use.title}</a>
        <span class="text-muted">{use.kind}, {use.field}</span>
      </p>
    {:else}<p class="mt-1 text-muted">nothing: the person is dialled, and that is all</p>{/each}
    {#if view.uses.length > FEW}<p class="mt-1 text-muted">and {view.uses.length - FEW} more</p>{/if}
  </section>
{:else}
  <p class="text-muted" role="status">Opening.</p>
{/if}
