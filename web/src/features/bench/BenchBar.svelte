<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import { visit } from '../../app/links';
  import { instant } from '../../app/said';
  import { site } from '../../app/site.svelte';
  import * as api from '../../lib/api/endpoints';
  import type { Found } from '../../lib/ui/Finder.svelte';
  import Finder from '../../lib/ui/Finder.svelte';
  import TokenPopover from '../../lib/ui/TokenPopover.svelte';
  import { bench, stepped } from './bench.svelte';
  import Reactions from './Reactions.svelte';
  import {
    AGENT,
    listed,
    LOOKUPS,
    ofSetting,
    PHONES,
    SWITCHES,
    TRUNKS,
    WAITING,
    type Setting,
  } from './reactions';

  /** The call under test in one sentence; a token changes each part of it. */
  const QUARTER = 15;
  const DAY = 24 * 60;
  const every = $derived(
    address.screen === 'numbers' &&
      !address.rest.length &&
      !address.query.get('kind') &&
      !address.query.get('view'),
  );
  const caller = $derived(bench.call && !bench.problems.length ? bench.call.caller : bench.from);
  const switches = askPlan(() => ({
    key: ['find', 'switch', ''],
    ask: (signal) => api.find(address.site, address.plan, { kind: 'switch' }, signal),
    beside: true,
  }));
  const lookups = askPlan(() => ({
    key: ['find', 'lookup', ''],
    ask: (signal) => api.find(address.site, address.plan, { kind: 'lookup' }, signal),
    beside: true,
  }));
  const numbers = askPlan(() => ({
    key: ['find', 'number', bench.to],
    ask: (signal) => api.find(address.site, address.plan, { kind: 'number', find: bench.to }, signal),
    on: bench.to !== '',
    beside: true,
  }));
  const called = $derived(
    numbers.data?.find((one) => one.value === 'number/' + bench.to)?.number ?? bench.to,
  );
  let more = $state(false);

  /** What else can be set, list by list; what is as usual folds, so that the sentence stays one line. */
  const others = $derived<Setting[]>([
    ...(switches.data?.length ? [SWITCHES] : []),
    {
      list: 'agent',
      kind: 'extension',
      title: 'agents',
      label: 'Agents',
      usual: 'as usual',
      quick: AGENT,
      help: 'Whether agents are in, wait by wait; as usual those who always are.',
      example: 'out then in; out from 20s: out in the first wait, in the second until its second 20',
    },
    {
      list: 'waiting',
      kind: 'queue',
      title: 'waiting',
      label: 'Callers waiting',
      usual: 'nobody',
      quick: WAITING,
      help: 'How many callers are found waiting in each queue.',
      example: 'full then 2: full the first time, two callers the next',
    },
    ...(bench.phone ? [TRUNKS] : []),
    ...(lookups.data?.length ? [LOOKUPS] : []),
  ]);

  function isSet(one: Setting): boolean {
    return ofSetting(one, bench.all(one.list)).length > 0;
  }

  async function search(find: string, signal: AbortSignal): Promise<Found[]> {
    if (!bench.phone) return api.find(address.site, address.plan, { kind: 'number', find }, signal);
    // A phone dials whatever has a number: people, groups, codes, and the numbers that are called from outside.
    const all = await api.find(address.site, address.plan, { find }, signal);
    return all
      .filter((one) => one.number)
      .map((one) => (one.value.startsWith('number/') ? one : { ...one, value: `dial/${one.number}` }));
  }

  async function searchPhone(find: string, signal: AbortSignal): Promise<Found[]> {
    return api.find(address.site, address.plan, { kind: 'extension', find }, signal);
  }

  function call(number: string) {
    if (address.screen === 'outline') {
      address.set('to', '');
      visit(address.to('outline', number));
    } else bench.set('to', number);
  }

  function step(event: KeyboardEvent) {
    const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (!way) return;
    event.preventDefault();
    bench.set('at', stepped(bench.at, way * (event.shiftKey ? DAY : QUARTER)));
  }

  function typedNumber(find: string) {
    const digits = find.replace(/[\s()-]/g, '');
    if (bench.phone)
      return /^\+?[\d*#]{1,40}$/.test(digits) ? { value: digits, title: `Dial ${digits}` } : undefined;
    return /^\+?\d{3,15}$/.test(digits) ? { value: digits, title: `Call ${digits}` } : undefined;
  }

  const TOKEN = 'font-mono text-[13px] font-semibold text-water';
</script>

{#snippet setting(one: Setting)}
  <span class="text-muted">·</span>
  <span>{one.title}</span>
  <TokenPopover label={one.label} text={listed(ofSetting(one, bench.all(one.list)), one.usual)} class={TOKEN}>
    <Reactions setting={one} />
  </TokenPopover>
{/snippet}

<section class="no-print border-b border-line bg-wash px-4 py-1.5" aria-label="Bench">
  <p class="flex flex-wrap items-baseline gap-x-1">
    {#if every}
      <span>Every number called</span>
    {:else}
      <span>Call</span>
      <TokenPopover label="Number called" text={called || 'no number'} class={TOKEN}>
        {#snippet children(close)}
          <Finder
            label={bench.phone ? 'What the phone dials' : 'The number that is called'}
            {search}
            choose={(value) => {
              close();
              call(value.replace(/^(number|dial)\//, ''));
            }}
            typed={typedNumber}
          />
        {/snippet}
      </TokenPopover>
    {/if}
    <span>from</span>
    <TokenPopover label="Caller" text={caller} class={TOKEN}>
      {#snippet children(close)}
        <label class="block text-muted" for="caller"
          >Who calls: a number, nobody known, or a phone of the site.</label
        >
        <div class="mt-1 flex gap-2">
          <input
            id="caller"
            class="min-w-0 grow font-mono"
            value={bench.from}
            oninput={(event) => bench.set('from', event.currentTarget.value.trim())}
            onkeydown={(event) => event.key === 'Enter' && close()}
          />
          <button class="plain" onclick={() => bench.set('from', 'withheld')}>Withheld</button>
          <button class="plain" onclick={() => bench.set('from', 'unavailable')}>Unavailable</button>
        </div>
        <div class="mt-2">
          <Finder
            label="A phone of the site"
            search={searchPhone}
            choose={(value) => {
              close();
              bench.set('from', value);
            }}
          />
        </div>
      {/snippet}
    </TokenPopover>
    <span>on</span>
    <TokenPopover
      label="Instant, arrow keys step it by a quarter of an hour, with Shift by a day"
      text={instant(bench.at)}
      class={TOKEN}
      onkeydown={step}
    >
      {#snippet children(close)}
        <label class="block text-muted" for="instant"
          >When, at the site's clock ({site.view?.timeZone}).</label
        >
        <div class="mt-1 flex flex-wrap gap-2">
          <input
            id="instant"
            type="datetime-local"
            class="font-mono"
            value={bench.at.slice(0, 16)}
            oninput={(event) => event.currentTarget.value && bench.set('at', event.currentTarget.value)}
            onkeydown={(event) => event.key === 'Enter' && close()}
          />
          <button class="plain" onclick={() => bench.set('at', site.view?.now ?? bench.at)}>Now</button>
        </div>
        <div class="mt-2 flex gap-2">
          <button class="plain" onclick={() => bench.set('at', stepped(bench.at, -DAY))}>− 1 day</button>
          <button class="plain" onclick={() => bench.set('at', stepped(bench.at, -QUARTER))}>− 15 min</button>
          <button class="plain" onclick={() => bench.set('at', stepped(bench.at, QUARTER))}>+ 15 min</button>
          <button class="plain" onclick={() => bench.set('at', stepped(bench.at, DAY))}>+ 1 day</button>
        </div>
        <p class="mt-2 text-muted">
          On the token itself ← and → step a quarter of an hour, with Shift a day.
        </p>
      {/snippet}
    </TokenPopover>
    <span class="text-muted">·</span>
    <span>presses</span>
    <TokenPopover label="Keys pressed" text={bench.keys || 'nothing'} class={TOKEN}>
      {#snippet children(close)}
        <label class="block text-muted" for="keys"
          >Keys in the order they are asked for, by commas; - is silence, ! presses at once, 5@7s at a second.</label
        >
        <input
          id="keys"
          class="mt-1 w-full font-mono"
          value={bench.keys}
          placeholder="3 or -,-,8 or !0 or 2014"
          oninput={(event) => bench.set('keys', event.currentTarget.value.trim())}
          onkeydown={(event) => event.key === 'Enter' && close()}
        />
      {/snippet}
    </TokenPopover>
    {@render setting(PHONES)}
    {#each others.filter((one) => more || isSet(one)) as one (one.label)}{@render setting(one)}{/each}
    {#if !more && !others.every(isSet)}
      <span class="text-muted">·</span>
      <button class="link" aria-expanded="false" onclick={() => (more = true)}>and all else as usual</button>
    {/if}
  </p>
  {#each bench.problems as problem (problem)}
    <p class="wrong mt-1" role="alert">{problem}</p>
  {/each}
</section>
