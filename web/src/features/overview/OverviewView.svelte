<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { live } from '../../app/live.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import { navigate } from '../../app/routes';
  import { screenFor } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import * as api from '../../lib/api/endpoints';
  import type { FindingView } from '../../lib/api/types';
  import Progress from '../../lib/ui/Progress.svelte';
  import { bench } from '../bench/bench.svelte';
  import { findings } from '../findings/findings.svelte';
  import JournalEntry from '../journal/JournalEntry.svelte';
  import { splitRef } from '../sheet/kinds.svelte';

  const view = $derived(site.view);
  const found = findings();
  const MOST = 40;
  const MARKS = { blocking: '✕', warning: '!', hint: '·' } as const;
  let all = $state(false);
  const shown = $derived(all ? found.all : found.all.slice(0, MOST));
  const numbers = askPlan(() => ({
    key: ['objects', 'number', MOST],
    ask: (signal) => api.objects(address.site, address.plan, 'number', { rows: MOST }, signal),
  }));
  const journal = askPlan(() => ({
    key: ['journal', 'last'],
    ask: (signal) => api.journal(address.site, address.plan, { most: 12 }, signal),
  }));

  function show(finding: FindingView) {
    if (!finding.witness) return;
    bench.take(finding.witness);
    void navigate('/s/:site/:plan/outline/:number', {
      params: { site: address.site, plan: address.plan, number: encodeURIComponent(finding.witness.to) },
      search: address.query.toString(),
    });
  }

  function sheet(object: string): string {
    const [kind, key] = splitRef(object);
    return address.to(screenFor(kind).name, kind, key);
  }

  function fix(finding: FindingView, title: string) {
    site
      .change({ fix: { code: finding.code, object: finding.object, field: finding.field ?? '', title } })
      .catch(site.fail.bind(site));
  }

  function kindQuery(kind: string): string {
    const first = screenFor(kind).kinds[0] === kind && screenFor(kind).name !== 'numbers';
    const path = address.to(screenFor(kind).name);
    return first ? '' : (path.includes('?') ? '&' : '?') + 'kind=' + kind;
  }

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
      {#if live.examining}
        <div class="mt-1">
          <Progress label="Looking for findings" done={live.examining.done} of={live.examining.of} />
        </div>
      {/if}
      {#each shown as finding, index (index)}
        {@const blocking = finding.severity === 'blocking'}
        <article class="mt-2 border-l-4 bg-panel px-4 py-2 {blocking ? 'border-clay' : 'border-sand'}">
          <p>
            <span class={blocking ? 'wrong' : 'font-semibold'}
              >{MARKS[finding.severity]} {finding.severity}: {finding.title}.</span
            >
            <a class="link" href={sheet(finding.object)}>{finding.about}</a>
            {finding.says}
            {finding.advice}
          </p>
          {#if finding.calls.length}
            <p class="mt-1">Calls that fall in it:</p>
            <ul class="list-disc pl-5">
              {#each finding.calls as call (call)}<li>{call}</li>{/each}
            </ul>
          {:else if blocking && !finding.witness}
            <p class="mt-1 text-muted">No call to a number of this plan comes to it.</p>
          {/if}
          <div class="mt-2 flex gap-3">
            {#if finding.witness}<button class="link" onclick={() => show(finding)}>Show such a call</button
              >{/if}
            {#if site.draft}
              {#each finding.fixes as title (title)}<button class="plain" onclick={() => fix(finding, title)}
                  >{title}</button
                >{/each}
            {/if}
          </div>
        </article>
      {:else}
        <p class="mt-1">{found.known ? 'Nothing found.' : 'Looking.'}</p>
      {/each}
      {#if found.all.length > MOST && !all}
        <button class="link mt-2" onclick={() => (all = true)}>all {found.all.length}</button>
      {/if}
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
                <a
                  class="hover:underline"
                  href={address.to(screenFor(section.kind).name) + kindQuery(section.kind)}
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
            <li class="text-muted">{numbers.isSuccess ? 'No inbound number yet.' : 'Asking.'}</li>
          {/each}
          {#if (numbers.data?.total ?? 0) > MOST}
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
