<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf, sheetOf } from '../../app/links';
  import { live } from '../../app/live.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { MailboxView } from '../../lib/api/types';
  import Empty from '../../lib/ui/Empty.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import NumbersReached from '../reached/NumbersReached.svelte';
  import { creating } from '../sheet/creating.svelte';

  /** Mailboxes: who ends in each, from where and when; what is said to them by reason; where messages go; when it is full. */
  let { screen }: { screen: Screen } = $props();

  const PAGE = 20;
  const FEW = 4;
  const kind = $derived(address.query.get('kind') ?? '');
  const find = $derived(address.query.get('find') ?? '');
  const only = $derived(address.query.get('only') ?? '');
  let rows = $state(PAGE);
  const query = askPlan(() => ({
    key: ['voicemail', find, only, rows],
    ask: (signal) => api.voicemail(address.site, address.plan, { find, only, rows }, signal),
    on: kind === '',
  }));
  const view = $derived(query.data);
  const tabs = $derived([
    { name: '', title: 'Who ends here', href: listOf(screen.name, '') },
    ...tabsOf(screen).map((tab) => ({ ...tab, title: 'As a list' })),
  ]);
  const ends = $derived(bench.call?.trace.ending.kind === 'message' ? bench.call.trace.ending.in : '');

  function full(box: MailboxView): string {
    if (box.full === undefined) return 'never full';
    const days =
      box.days === undefined
        ? ''
        : `, about ${box.days} working ${box.days === 1 ? 'day' : 'days'} of expected calls`;
    return `full after ${box.full} messages${days}`;
  }
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else}
  <div class="flex min-h-0 grow flex-col">
    <div class="px-5 pt-3">
      <div class="flex items-start justify-between gap-4">
        <h1 class="text-lg font-semibold">Voicemail</h1>
        <div class="no-print flex items-center gap-2">
          <label class="sr-only" for="only">Which</label>
          <select id="only" value={only} onchange={(event) => address.set('only', event.currentTarget.value)}>
            <option value="">all mailboxes</option>
            <option value="nobodys">nobody's: {view?.nobodys ?? '…'}</option>
            <option value="unreached">nobody reaches: {view?.unreached ?? '…'}</option>
          </select>
          <input
            class="w-40"
            value={find}
            oninput={(event) => address.set('find', event.currentTarget.value)}
            placeholder="Name or number"
            aria-label="Filter"
          />
          {#if site.open}<button class="primary" onclick={() => creating.begin('mailbox')}>New mailbox</button
            >{/if}
        </div>
      </div>
      <div class="mt-1"><Tabs {tabs} current={kind} label="Views" /></div>
    </div>
    {#if query.isError && !view}
      <p class="wrong px-5 py-3" role="alert">{saysOf(query.error).join(' ')}</p>
    {:else if view && !view.mailboxes.length}
      <Empty
        title={only === 'nobodys'
          ? 'Every mailbox belongs to somebody, or tells somebody.'
          : only === 'unreached'
            ? 'Some call comes to each mailbox.'
            : find
              ? `No mailbox is called “${find}”.`
              : 'No mailbox yet: calls that nobody takes have nowhere to leave word.'}
      >
        {#if only || find}
          <button
            class="plain"
            onclick={() => {
              address.set('only', '');
              address.set('find', '');
            }}>Show all</button
          >
        {:else if site.open}<button class="primary" onclick={() => creating.begin('mailbox')}
            >Make the first mailbox</button
          >{/if}
      </Empty>
    {:else if view}
      <div class="min-h-0 grow overflow-auto">
        <table class="w-full border-collapse bg-panel">
          <thead class="sticky top-0 bg-panel">
            <tr class="border-b border-line text-left">
              <th class="w-52 px-5 py-1 font-semibold">Mailbox</th>
              <th class="px-2 py-1 font-semibold">Who ends here</th>
              <th class="w-64 px-2 py-1 font-semibold">Hears</th>
              <th class="w-60 px-2 py-1 pr-5 font-semibold">Messages</th>
            </tr>
          </thead>
          <tbody>
            {#each view.mailboxes as box (box.object)}
              <tr class="border-b border-line align-top {ends === box.object ? 'bg-wash' : ''}">
                <td class="px-5 py-1.5">
                  <a class="font-semibold hover:underline" href={sheetOf(box.object)}>{box.title}</a>
                  <span class="font-mono text-[13px]">{box.number ?? ''}</span>
                  {#if live.changed.get(box.object)}<span
                      class="bg-wash px-1 text-xs font-semibold text-water"
                      >{live.changed.get(box.object)}</span
                    >{/if}
                  <span class="block text-xs {box.nobodys ? 'text-clay' : 'text-muted'}"
                    >{box.owners.length
                      ? `of ${box.owners.slice(0, 3).join(', ')}${box.owners.length > 3 ? ` and ${box.owners.length - 3} more` : ''}`
                      : box.nobodys
                        ? "nobody's, and tells nobody"
                        : 'of nobody in particular'}</span
                  >
                  {#if ends === box.object}<span class="block text-xs text-water"
                      >the call on the bench ends here</span
                    >{/if}
                </td>
                <td class="px-2 py-1.5">
                  <NumbersReached numbers={box.numbers} few={FEW} />
                  {#if box.inside}<p class="text-muted">phones of the site</p>{/if}
                  {#if !box.followed && box.outside}<p>
                      <a class="link" href={sheetOf(box.object)}>which numbers, when</a>
                      <span class="text-muted">come here</span>
                    </p>{/if}
                  {#if !box.outside && !box.inside}<p class="text-clay">nobody: no call comes here</p>{/if}
                  {#if box.calls !== undefined}<p class="text-xs text-muted">
                      {box.calls.toFixed(1)} calls an hour are led straight here at the busiest
                    </p>{/if}
                </td>
                <td class="px-2 py-1.5">
                  {#each box.greetings as one (one.reason)}
                    <p>
                      <span class="text-muted">{one.reason}:</span>
                      {one.prompt}
                      {#if one.says}<span class="block text-xs text-muted">“{one.says}”</span>{/if}
                    </p>
                  {:else}<p class="text-clay">no greeting</p>{/each}
                  {#if box.operator}<p><kbd class="keycap">0</kbd> {box.operator}</p>{/if}
                </td>
                <td class="px-2 py-1.5 pr-5">
                  <p>{box.sent}</p>
                  <p class="text-muted">{full(box)}{box.longest ? `; each up to ${box.longest}` : ''}</p>
                </td>
              </tr>
            {/each}
          </tbody>
        </table>
        {#if view.mailboxes.length < view.total}
          <p class="px-5 py-2">
            <button class="plain" onclick={() => (rows += PAGE)}
              >Show more: {view.mailboxes.length} of {view.total}</button
            >
          </p>
        {/if}
      </div>
    {:else}
      <p class="p-6 text-muted" role="status">Following every call to where it ends.</p>
    {/if}
  </div>
{/if}
