<script lang="ts">
  import { lasting } from '../../lib/clock';
  import { address } from '../../app/address.svelte';
  import { listOf, sheetOf } from '../../app/links';
  import { Preview } from '../../app/preview.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Empty from '../../lib/ui/Empty.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import Tabs from '../../lib/ui/Tabs.svelte';
  import { bench } from '../bench/bench.svelte';
  import ObjectsView from '../objects/ObjectsView.svelte';
  import { tabsOf } from '../objects/tabs';
  import { creating } from '../sheet/creating.svelte';
  import { kinds } from '../sheet/kinds.svelte';
  import Node from '../sheet/parts/Node.svelte';
  import { Sheet } from '../sheet/sheet.svelte';
  import CodesCard from './parts/CodesCard.svelte';
  import QueueScore, { type Moving } from './parts/QueueScore.svelte';
  import QueueSide from './parts/QueueSide.svelte';
  import StaffCurve from './parts/StaffCurve.svelte';

  /** One queue at a time: the score of its wait, how many agents it needs, who they are; the lists are views of their own. */
  let { screen }: { screen: Screen } = $props();

  const kind = $derived(address.query.get('kind') ?? '');
  const all = kinds();
  const list = askPlan(() => ({
    key: ['objects', 'queue'],
    ask: (signal) => api.objects(address.site, address.plan, 'queue', { rows: 500 }, signal),
    on: kind === '',
  }));
  const queues = $derived(list.data?.rows ?? []);
  const chosen = $derived(queues.find((one) => one.object === address.query.get('of')) ?? queues[0]);
  const key = $derived(chosen?.key ?? '');
  const at = $derived(bench.at.slice(0, 16));
  /** Something said meanwhile that is being moved: the score is drawn as it would be. */
  let moving = $state.raw<Moving | undefined>();
  const would = $derived(
    moving?.object === chosen?.object && moving ? { place: moving.place, first: `${moving.to}s` } : {},
  );
  const score = askPlan(() => ({
    key: ['queue-score', key, at, would],
    ask: (signal) => api.queueScore(address.site, address.plan, key, { at, ...would }, signal),
    on: key !== '' && at !== '',
  }));
  const staff = askPlan(() => ({
    key: ['queue-staff', key, at],
    ask: (signal) => api.queueStaff(address.site, address.plan, key, { at }, signal),
    on: key !== '' && at !== '',
    beside: true,
  }));
  const object = askPlan(() => ({
    key: ['object', 'queue', key],
    ask: (signal) => api.object(address.site, address.plan, 'queue', key, signal),
    on: key !== '',
  }));
  const drawn = $derived(score.data?.object === chosen?.object ? score.data : undefined);
  const opened = $derived(object.data?.object === chosen?.object ? object.data : undefined);
  const sheet = new Sheet(() => opened);
  const preview = new Preview();
  let card = $state(false);
  const forms = $derived(all.of('queue')?.fields ?? []);
  /** The sentence at the head: what is said before each token. */
  const SENTENCE = [
    ['waits', 'maxWait'],
    ['at most · longest line', 'longestLine'],
    ['· then', 'overflow'],
    ['· each phone rings', 'ringEach'],
    ['· rounds', 'pauseBetweenRounds'],
    ['apart · wrap-up', 'wrapUp'],
    ['· service level', 'serviceLevel'],
  ] as const;
  const tabs = $derived([{ name: '', title: 'To scale', href: listOf(screen.name, '') }, ...tabsOf(screen)]);
</script>

{#if kind}
  <ObjectsView {screen} {tabs} />
{:else if list.isError && !list.data}
  <Empty title={saysOf(list.error).join(' ')} />
{:else if list.data}
  <ScreenFrame title="Queues" sideLabel="About {chosen?.title ?? ''}">
    {#snippet actions()}
      {#if queues.length > 1}
        <label class="sr-only" for="queue">Queue</label>
        <select
          id="queue"
          value={chosen?.object}
          onchange={(event) => address.set('of', event.currentTarget.value)}
        >
          {#each queues as one (one.object)}<option value={one.object}>{one.title} {one.number ?? ''}</option
            >{/each}
        </select>
      {/if}
      {#if drawn}<button class="plain" onclick={() => (card = true)}>Codes as a card</button>{/if}
      {#if site.open}<button
          class="primary"
          onclick={() => creating.begin('queue', { then: (made) => address.set('of', made) })}
          >New queue</button
        >{/if}
    {/snippet}
    {#snippet side()}
      {#if drawn}{#key drawn.object}<QueueSide score={drawn} object={opened} {preview} />{/key}{/if}
    {/snippet}
    <div class="px-5"><Tabs {tabs} current={kind} label="Views" /></div>
    {#if !chosen}
      <Empty title="No queue yet: a queue holds callers until somebody is free.">
        {#if site.open}
          <button
            class="primary"
            onclick={() => creating.begin('queue', { then: (made) => address.set('of', made) })}
            >Make the first queue</button
          >
        {/if}
      </Empty>
    {:else if score.isError}
      <p class="wrong px-5 py-3" role="alert">{saysOf(score.error).join(' ')}</p>
    {:else}
      <div class="px-5 py-2">
        <a class="font-semibold hover:underline" href={sheetOf(chosen.object)}>{chosen.title}</a>
        <span class="font-mono text-[13px]">{chosen.number ?? ''}</span>
        {#if opened}
          {#each SENTENCE as [words, name] (name)}
            {@const form = forms.find((one) => one.name === name)}
            {#if form}
              <span class="text-muted">{words}</span>
              <span class="mx-1 inline-block"><Node {sheet} {form} at="/{name}" label={form.title} /></span>
            {/if}
          {/each}
        {/if}
      </div>
      {#if drawn}
        {#key drawn.object}<QueueScore score={drawn} {preview} bind:moving />{/key}
        <div class="grid grid-cols-1 gap-6 px-5 py-3 lg:grid-cols-[5fr_6fr]">
          <section aria-label="How many agents">
            {#if staff.data}<StaffCurve staff={staff.data} />{/if}
          </section>
          <section aria-label="Agents">
            <h2 class="font-semibold">Agents, and whom they serve first</h2>
            <table class="mt-1 w-full border-collapse bg-panel">
              <thead>
                <tr class="border-y border-line text-left">
                  <th class="px-2 py-1 font-semibold">Agent</th>
                  <th class="px-2 py-1 font-semibold">Rank</th>
                  <th class="px-2 py-1 font-semibold">In</th>
                  <th class="px-2 py-1 font-semibold">Also in</th>
                </tr>
              </thead>
              <tbody>
                {#each drawn.agents as agent, index (index)}
                  <tr class="border-b border-line align-top">
                    <td class="px-2 py-1"
                      >{#if agent.object}<a class="hover:underline" href={sheetOf(agent.object)}
                          >{agent.title}</a
                        >{:else}{agent.title}{/if}</td
                    >
                    <td class="px-2 py-1"
                      >{agent.rank}{agent.joinsAfter ? `, after ${lasting(agent.joinsAfter)}` : ''}</td
                    >
                    <td class="px-2 py-1">{agent.byPhone ? 'by phone' : 'always'}</td>
                    <td class="px-2 py-1">
                      {#each agent.also as also (also.object)}
                        <p>
                          <a
                            class="link"
                            href={address.to('queues')}
                            onclick={() => address.set('of', also.object)}>{also.title}</a
                          ><span class="text-muted"
                            >, rank {also.rank}: {also.first === undefined
                              ? 'neither comes first'
                              : also.first
                                ? 'its callers come first'
                                : 'these callers come first'}</span
                          >
                        </p>
                      {/each}
                    </td>
                  </tr>
                {:else}
                  <tr><td class="px-2 py-1 text-muted" colspan="4">nobody</td></tr>
                {/each}
              </tbody>
            </table>
            <p class="mt-1">
              <a class="link" href={address.to('people')}>Put people in or out on the grid of people</a>
            </p>
          </section>
        </div>
        <CodesCard bind:open={card} score={drawn} />
      {:else}
        <p class="px-5 py-4 text-muted" role="status">Following a call through the wait.</p>
      {/if}
    {/if}
  </ScreenFrame>
{:else}
  <p class="p-6 text-muted" role="status">Opening.</p>
{/if}
