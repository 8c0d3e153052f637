<script lang="ts">
  import { address, outlineOf } from '../../app/address.svelte';
  import { site } from '../../app/site.svelte';
  import type { FindingView } from '../../lib/api/types';
  import { bench } from '../bench/bench.svelte';

  const view = $derived(site.view);

  function show(finding: FindingView) {
    if (!finding.witness) return;
    bench.take(finding.witness);
    address.go(outlineOf(finding.witness.to));
  }

  function fix(finding: FindingView, title: string) {
    site
      .change({ fix: { code: finding.code, object: finding.object, field: finding.field ?? '', title } })
      .catch(site.fail.bind(site));
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
        Findings {#if view.findings.length}<span
            class={view.findings.some((one) => one.severity === 'blocking') ? 'wrong' : 'text-muted'}
            >{view.findings.length}</span
          >{/if}
      </h2>
      {#each view.findings as finding, index (index)}
        {@const blocking = finding.severity === 'blocking'}
        <article class="mt-2 border-l-4 bg-panel px-4 py-2 {blocking ? 'border-clay' : 'border-sand'}">
          <p>
            <span class={blocking ? 'wrong' : 'font-semibold'}
              >{blocking ? '✕ ' : ''}{finding.severity}: {finding.title}.</span
            >
            {finding.says}
            {finding.advice}
          </p>
          {#if finding.calls.length}
            <p class="mt-1">Calls that fall in it:</p>
            <ul class="list-disc pl-5">
              {#each finding.calls as call (call)}<li>{call}</li>{/each}
            </ul>
          {:else if finding.severity === 'blocking' && !finding.witness}
            <p class="mt-1 text-muted">No call to a number of this plan comes to it.</p>
          {/if}
          <div class="mt-2 flex gap-3">
            {#if finding.witness}<button class="link" onclick={() => show(finding)}>Show such a call</button
              >{/if}
            {#each finding.fixes as title (title)}<button class="plain" onclick={() => fix(finding, title)}
                >{title}</button
              >{/each}
          </div>
        </article>
      {:else}
        <p class="mt-1">Nothing found.</p>
      {/each}
    </section>

    <div class="mt-6 grid grid-cols-1 gap-8 lg:grid-cols-[1fr_1fr]">
      <section aria-labelledby="plan-title">
        <h2 id="plan-title" class="font-semibold">In the plan</h2>
        <dl class="mt-2 grid grid-cols-[1fr_auto] gap-y-1 border-y border-line bg-panel px-4 py-2">
          {#each view.sections.filter((section) => section.kind !== 'site') as section (section.kind)}
            <dt class="first-letter:uppercase">{section.title}</dt>
            <dd class="text-right font-mono {section.count ? '' : 'text-muted'}">
              {progress(section.count)}
            </dd>
          {/each}
        </dl>
      </section>
      <section aria-labelledby="numbers-title">
        <h2 id="numbers-title" class="font-semibold">Outlines</h2>
        <ul class="mt-2 border-y border-line bg-panel px-4 py-2">
          {#each view.numbers as number (number.number)}
            <li class="py-0.5">
              <a class="link font-mono" href={outlineOf(number.number)}>{number.shown}</a>
              {number.name}
            </li>
          {:else}
            <li class="text-muted">No inbound number yet.</li>
          {/each}
        </ul>
        <h2 class="mt-6 font-semibold">Last changes</h2>
        <ol class="mt-2 border-y border-line bg-panel px-4 py-2">
          {#each view.journal as entry (entry.version)}
            <li class="flex gap-3 py-0.5">
              <span class="font-mono text-muted">{entry.at.slice(0, 16).replace('T', ' ')}</span>
              <span class="grow">{entry.kind === 'edit' ? '' : entry.kind + ': '}{entry.says}</span>
              <span class="text-muted">{entry.account}</span>
            </li>
          {:else}
            <li class="text-muted">Nothing has been changed yet. Open an outline and change a token.</li>
          {/each}
        </ol>
      </section>
    </div>
  </div>
{/if}
