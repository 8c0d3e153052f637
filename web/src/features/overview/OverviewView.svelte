<script lang="ts">
  import { listOf } from '../../app/links';
  import { address } from '../../app/address.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import { screenFor } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import * as api from '../../lib/api/endpoints';
  import { findings } from '../findings/findings.svelte';
  import FindingsList from '../findings/FindingsList.svelte';
  import { creating } from '../sheet/creating.svelte';
  import JournalEntry from '../journal/JournalEntry.svelte';

  const view = $derived(site.view);
  const found = findings();
  const MOST = 12;
  const NUMBERS = 40;
  const numbers = askPlan(() => ({
    key: ['objects', 'number'],
    ask: (signal) => api.objects(address.site, address.plan, 'number', { rows: NUMBERS }, signal),
  }));
  const journal = askPlan(() => ({
    key: ['journal', 'last'],
    ask: (signal) => api.journal(address.site, address.plan, { most: 12 }, signal),
  }));

  function progress(count: number): string {
    return count === 0 ? 'empty' : String(count);
  }
</script>

{#if view}
  <div class="grow overflow-auto px-6 py-4">
    <h1 class="text-lg font-semibold">{view.name}</h1>
    <p class="text-muted">{view.timeZone} · {view.country} · {view.languages.join(', ')}</p>

    <section class="mt-5" id="findings" aria-labelledby="findings-title">
      <h2 id="findings-title" class="font-semibold">
        Findings {#if found.all.length}<span
            class={found.all.some((one) => one.severity === 'blocking') ? 'wrong' : 'text-muted'}
            >{found.all.length}</span
          >{/if}
      </h2>
      <FindingsList most={MOST} />
    </section>

    <div class="mt-6 grid grid-cols-1 gap-8 lg:grid-cols-[1fr_1fr]">
      <section aria-labelledby="plan-title">
        <h2 id="plan-title" class="font-semibold">In the plan</h2>
        <dl class="mt-2 grid grid-cols-[1fr_auto] border-y border-line bg-panel px-4 py-2">
          {#each view.sections as section (section.kind)}
            <dt class="py-0.5 first-letter:uppercase">
              {#if section.kind === 'site'}
                <a class="link inline-block min-h-6 leading-6" href={address.to('overview', 'site', view.key)}
                  >the site itself</a
                >
              {:else}
                <a class="hover:underline" href={listOf(screenFor(section.kind).name, section.kind)}
                  >{section.several}</a
                >
              {/if}
            </dt>
            <dd class="py-0.5 text-right font-mono {section.count ? '' : 'text-muted'}">
              {section.kind === 'site' ? '' : progress(section.count)}
            </dd>
          {/each}
        </dl>
      </section>
      <section aria-labelledby="numbers-title">
        <h2 id="numbers-title" class="font-semibold">Outlines</h2>
        <ul class="mt-2 border-y border-line bg-panel px-4 py-2">
          {#each numbers.data?.rows ?? [] as number (number.key)}
            <li class="py-0.5">
              <a class="link font-mono" href={address.to('outline', number.key)}
                >{number.number ?? number.key}</a
              >
              {number.title}
            </li>
          {:else}
            {#if numbers.isSuccess}
              <li class="py-1">
                <p>No inbound number yet: calls come in by one.</p>
                {#if site.draft}
                  <button class="primary mt-2" onclick={() => creating.begin('number')}
                    >Make the first inbound number</button
                  >
                {/if}
              </li>
            {:else}
              <li class="text-muted">Asking.</li>
            {/if}
          {/each}
          {#if (numbers.data?.total ?? 0) > NUMBERS}
            <li><a class="link" href={address.to('numbers')}>all {numbers.data?.total}</a></li>
          {/if}
        </ul>
        <h2 class="mt-6 font-semibold">Last changes</h2>
        <div class="mt-2 border-y border-line bg-panel px-4 pb-2">
          {#each journal.data ?? [] as entry (entry.version)}
            <JournalEntry {entry} undo={site.draft} />
          {:else}
            <p class="pt-2 text-muted">
              Nothing has been changed yet. Open an outline or a sheet and change a token.
            </p>
          {/each}
        </div>
      </section>
    </div>
  </div>
{/if}
