<script lang="ts">
  import { address, outlineOf } from '../../app/address.svelte';
  import { site } from '../../app/site.svelte';
  import { instantInWords } from '../../lib/clock';
  import TokenPopover from '../../lib/ui/TokenPopover.svelte';
  import { bench, stepped } from './bench.svelte';
  import Phones from './Phones.svelte';

  let { number }: { number?: string } = $props();

  const QUARTER = 15;
  const DAY = 24 * 60;
  const called = $derived(site.view?.numbers.find((one) => one.number === number)?.shown ?? number ?? '');
  const phones = $derived(bench.phones.length ? bench.phones.join(', ') : 'silent');
  const caller = $derived(
    number !== undefined && bench.call && !bench.problems.length ? bench.call.caller : bench.from,
  );
  let typed = $state('');

  function step(event: KeyboardEvent) {
    const way = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
    if (!way) return;
    event.preventDefault();
    bench.set('at', stepped(bench.at, way * (event.shiftKey ? DAY : QUARTER)));
  }
</script>

<section class="no-print border-b border-line bg-wash px-4 py-2" aria-label="Bench">
  <p class="flex flex-wrap items-baseline gap-x-1.5 gap-y-1">
    {#if number !== undefined}
      <span>Call</span>
      <TokenPopover label="Number called" text={called} class="font-mono font-semibold text-water">
        {#snippet children(close)}
          <p class="mb-2 text-muted">The number that is called.</p>
          <ul class="max-h-64 overflow-auto">
            {#each site.view?.numbers ?? [] as one (one.number)}
              <li>
                <button
                  class="flex w-full gap-3 px-1 py-1 text-left hover:bg-wash"
                  onclick={() => {
                    close();
                    address.go(outlineOf(one.number));
                  }}
                  ><span class="font-mono">{one.shown}</span><span class="text-muted">{one.name}</span
                  ></button
                >
              </li>
            {/each}
          </ul>
          <form
            class="mt-2 flex gap-2"
            onsubmit={(event) => {
              event.preventDefault();
              close();
              address.go(outlineOf(typed.replace(/[\s()-]/g, '')));
            }}
          >
            <input
              class="grow font-mono"
              bind:value={typed}
              aria-label="Another number in E.164"
              placeholder="+441632960100"
            />
            <button class="plain">Call it</button>
          </form>
        {/snippet}
      </TokenPopover>
    {:else}
      <span>Every number called</span>
    {/if}
    <span>from</span>
    <TokenPopover label="Caller" text={caller} class="font-mono font-semibold text-water">
      {#snippet children(close)}
        <label class="block text-muted" for="caller">Who calls: a number, or withheld.</label>
        <div class="mt-1 flex gap-2">
          <input
            id="caller"
            class="grow font-mono"
            value={bench.from}
            oninput={(event) => bench.set('from', event.currentTarget.value.trim())}
            onkeydown={(event) => event.key === 'Enter' && close()}
          />
          <button class="plain" onclick={() => bench.set('from', 'withheld')}>Withheld</button>
        </div>
      {/snippet}
    </TokenPopover>
    <span>on</span>
    <TokenPopover
      label="Instant, arrow keys step it by a quarter of an hour, with Shift by a day"
      text={instantInWords(bench.at)}
      class="font-mono font-semibold text-water"
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
    <TokenPopover
      label="Keys pressed"
      text={bench.keys || 'nothing'}
      class="font-mono font-semibold text-water"
    >
      {#snippet children(close)}
        <label class="block text-muted" for="keys"
          >Keys in the order they are asked for, by commas; - is silence, ! presses at once.</label
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
    <span class="text-muted">·</span>
    <span>phones</span>
    <TokenPopover label="Phones" text={phones} class="font-mono font-semibold text-water">
      <Phones />
    </TokenPopover>
  </p>
  {#each bench.problems as problem (problem)}
    <p class="wrong mt-1" role="alert">{problem}</p>
  {/each}
</section>
