<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { listOf, sheetOf, showCall, visit } from '../../app/links';
  import { askPlan } from '../../app/queries.svelte';
  import { dayAndTime, instant, together } from '../../app/said';
  import { screenFor } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import * as api from '../../lib/api/endpoints';
  import type { NextView } from '../../lib/api/types';
  import EndMark from '../../lib/ui/EndMark.svelte';
  import { findings } from '../findings/findings.svelte';
  import { creating } from '../sheet/creating.svelte';
  import JournalEntry from '../journal/JournalEntry.svelte';

  /** One site at a glance: what calls to each number do, what calls still lack, what to do next, what was changed. */
  const view = $derived(site.view);
  const found = findings();
  const LACKS = 5;
  const NUMBERS = 12;
  let rows = $state(NUMBERS);
  const glance = askPlan(() => ({
    key: ['glance', rows],
    ask: (signal) => api.glance(address.site, address.plan, { rows }, signal),
  }));
  const journal = askPlan(() => ({
    key: ['journal', 'last'],
    ask: (signal) => api.journal(address.site, address.plan, { most: 8 }, signal),
    beside: true,
  }));

  const RANK = { blocking: 0, warning: 1, hint: 2 };
  const open = $derived(
    found.all.filter((one) => !one.accepted).sort((one, other) => RANK[one.severity] - RANK[other.severity]),
  );
  const blocking = $derived(open.filter((one) => one.severity === 'blocking').length);
  const most = $derived(
    Math.max(1, ...(glance.data?.rows.flatMap((row) => row.numbers.map((one) => one.calls ?? 0)) ?? [])),
  );
  const told = $derived(glance.data?.rows.reduce((sum, row) => sum + row.numbers.length + row.more, 0) ?? 0);

  const live = $derived(
    view?.live
      ? `live: release ${view.live.number} since ${dayAndTime(view.live.at)}`
      : 'nothing is live yet: no call is answered by this plan',
  );

  function doNext(next: NextView) {
    if (next.makes && site.open) creating.begin(next.makes);
    else if (next.object) visit(sheetOf(next.object));
    else visit(address.to(next.screen));
  }
</script>

{#if view}
  <div class="grow overflow-auto">
    <div class="px-5 pt-3 pb-2">
      <h1 class="text-lg font-semibold">
        <a class="hover:underline" href={address.to('overview', 'site', view.key)}>{view.name}</a>
      </h1>
      <p class="text-muted">
        {live} · draft: {view.changes === 1 ? '1 change' : `${view.changes} changes`} ·
        {#if blocking}<a class="wrong" href={address.to('findings')}>{blocking} blocking</a
          >{:else if found.known}nothing blocking{:else}checking{/if} ·
        {view.sections.find((one) => one.kind === 'test-call')?.count ?? 0} test calls
      </p>
    </div>
    <section aria-label="What calls do">
      {#if glance.data?.rows.length}
        <table class="w-full border-collapse border-y border-line bg-panel">
          <thead>
            <tr class="border-b border-line text-left text-muted">
              <th class="px-5 py-1 font-normal">number</th>
              <th class="px-2 py-1 font-normal whitespace-nowrap">calls an hour</th>
              {#each glance.data.columns as column (column.state)}
                <th class="px-2 py-1 font-normal"
                  ><b class="text-ink">{column.state}</b> · {instant(column.at)}</th
                >
              {/each}
            </tr>
          </thead>
          <tbody>
            {#each glance.data.rows as row (row.numbers[0]?.number)}
              <tr class="border-b border-line align-top last:border-b-0">
                <td class="px-5 py-1 whitespace-nowrap">
                  {#each row.numbers as one (one.number)}
                    <p class="h-9.5 leading-4.5">
                      <a class="link font-mono text-[13px]" href={address.to('outline', one.number)}
                        >{one.shown}</a
                      >
                      <span class="block text-xs">{one.title}</span>
                    </p>
                  {/each}
                  {#if row.more}<a class="link text-xs" href={address.to('numbers')}
                      >and {row.more} more that go alike</a
                    >{/if}
                </td>
                <td class="px-2 py-1 whitespace-nowrap">
                  {#each row.numbers as one (one.number)}
                    <p class="h-9.5">
                      {#if one.calls !== undefined}
                        <span
                          class="inline-block h-2.5 bg-line align-middle"
                          style:width="{(one.calls / most) * 56}px"
                        ></span>
                        <span class="font-mono text-[13px] text-muted">{Math.round(one.calls)}</span>
                      {:else}<span class="text-muted">–</span>{/if}
                    </p>
                  {/each}
                </td>
                {#each row.cells as cell, index (index)}
                  <td class="px-2 py-1"
                    ><button
                      class="flex items-baseline gap-1.5 text-left hover:underline"
                      title={cell.way}
                      onclick={() => showCall(cell.bench)}
                      ><span class="shrink-0"><EndMark kind={cell.kind} /></span>
                      <span>{together(cell.says)}</span></button
                    ></td
                  >
                {/each}
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="px-5 py-1 text-xs text-muted">
          What a call does in which nobody answers and nothing is pressed{glance.data.hours
            ? `, by ${glance.data.hours}, which decides in the most places`
            : ''}.
          {#if told < glance.data.total}
            <button class="link" onclick={() => (rows = 1000)}>all {glance.data.total}</button>
          {/if}
        </p>
      {:else if glance.isSuccess}
        <p class="border-y border-line bg-panel px-5 py-3">
          No inbound number yet: calls come in by one.
          {#if site.open}
            <button class="primary ml-2" onclick={() => creating.begin('number')}
              >Make the first inbound number</button
            >
            <a class="link ml-3" href={address.to('numbers')}>or paste them all</a>
          {/if}
        </p>
      {:else}
        <p class="border-y border-line bg-panel px-5 py-3 text-muted" role="status">
          Following a call to each number.
        </p>
      {/if}
    </section>
    <div class="grid grid-cols-1 gap-x-8 px-5 py-3 lg:grid-cols-2">
      <div>
        <section aria-labelledby="lacks" id="findings">
          <h2 id="lacks" class="font-semibold">What calls still lack</h2>
          {#each open.slice(0, LACKS) as one, index (index)}
            <article class="mt-1">
              <b class={one.severity === 'blocking' ? 'text-clay' : 'text-reed'}
                >{one.severity === 'blocking' ? '✕' : one.severity === 'warning' ? '!' : '·'}</b
              >
              {together(one.says)}
              {#if one.calls[0]}<span class="text-muted">{one.calls[0]}</span>
              {:else if one.severity === 'blocking' && !one.witness}<span class="text-muted"
                  >No call to a number of this plan comes to it.</span
                >{/if}
              <a class="link" href={sheetOf(one.object)}>see {one.about}</a>
            </article>
          {:else}
            <p class="mt-1 text-muted">{found.known ? 'Nothing that is known of.' : 'Looking.'}</p>
          {/each}
          {#if open.length > LACKS}
            <p class="mt-1 text-muted">
              + {open.length - LACKS} more in <a class="link" href={address.to('findings')}>Findings</a>
            </p>
          {/if}
        </section>
        <section class="mt-4" aria-labelledby="next">
          <h2 id="next" class="font-semibold">Next</h2>
          {#each glance.data?.next ?? [] as next, index (next.says)}
            <p class="mt-1">
              {index + 1}
              <button class="link" onclick={() => doNext(next)}>{next.says}</button>
              <span class="text-muted">{next.why}</span>
            </p>
          {:else}
            {#if glance.isSuccess}<p class="mt-1 text-muted">Nothing is waiting for you.</p>{/if}
          {/each}
        </section>
        <section class="mt-4" aria-labelledby="plan-title">
          <h2 id="plan-title" class="font-semibold">In the plan</h2>
          <p class="mt-1 flex flex-wrap gap-x-4">
            {#each view.sections.filter((one) => one.kind !== 'site') as section (section.kind)}
              <span
                ><a
                  class="inline-block min-h-6 hover:underline"
                  href={listOf(screenFor(section.kind).name, section.kind)}>{section.several}</a
                >
                <span class="font-mono text-[13px] {section.count ? '' : 'text-muted'}">{section.count}</span
                ></span
              >
            {/each}
          </p>
        </section>
      </div>
      <section aria-labelledby="changes">
        <h2 id="changes" class="font-semibold max-lg:mt-4">Last changes, and who notices</h2>
        {#each journal.data ?? [] as entry (entry.version)}
          <div class="border-b border-line pb-1"><JournalEntry {entry} undo={site.open} /></div>
        {:else}
          <p class="mt-1 text-muted">
            Nothing has been changed yet. Open an outline or a sheet and change what is underlined.
          </p>
        {/each}
      </section>
    </div>
  </div>
{/if}
