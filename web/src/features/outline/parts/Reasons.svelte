<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import { site } from '../../../app/site.svelte';
  import type { PlaceView } from '../../../lib/api/types';
  import { clock, span } from '../../../lib/clock';
  import { bench } from '../../bench/bench.svelte';
  import FindingNote from '../../findings/FindingNote.svelte';
  import { findings as asked } from '../../findings/findings.svelte';
  import { outline } from '../outline.svelte';

  interface Props {
    remove: (object: string) => void;
    add: (place: PlaceView) => void;
  }
  let { remove, add }: Props = $props();

  const row = $derived(outline.row);
  const lit = $derived(row ? outline.lit.get(row.number) : undefined);
  const steps = $derived(bench.call?.trace.steps ?? []);
  const step = $derived(lit ? steps[lit.step] : undefined);
  /** What this step sets off, however much later: of an object that the call comes to twice, the step before it. */
  const sets = $derived(
    (bench.call?.trace.effects ?? []).filter(
      (effect) =>
        lit?.step ===
        steps.reduce(
          (last, one, at) => (one.object === effect.object && one.second <= effect.second ? at : last),
          -1,
        ),
    ),
  );
  const found = asked();
  const findings = $derived(
    found.all.filter(
      (finding) =>
        finding.object === row?.object ||
        (finding.object === row?.field?.object && finding.field === row?.field?.field),
    ),
  );

  /** What the trace calls an object: its titles stand beside its steps. */
  function titleOf(object: string): string {
    const at = steps.findIndex((one) => one.object === object);
    return bench.call?.titles[at] ?? object.slice(object.indexOf('/') + 1);
  }

  /** Selects the row at which a step of the call happens. */
  function show(step: number) {
    for (const [number, other] of outline.lit) if (other.step === step) return outline.reveal(number);
  }

  function go(by: number) {
    show((lit?.step ?? 0) + by);
  }
</script>

<aside
  class="no-print w-72 shrink-0 overflow-auto border-l border-line bg-panel px-4 py-3"
  aria-label="Reasons"
>
  {#if step && lit}
    <div class="flex items-baseline justify-between">
      <p class="font-mono font-bold text-water">{clock(step.second)}</p>
      <p class="text-muted">
        <button class="px-1" aria-label="Step before" onclick={() => go(-1)}>←</button>
        step {lit.step + 1} of {steps.length}
        <button class="px-1" aria-label="Step after" onclick={() => go(1)}>→</button>
      </p>
    </div>
    <p class="mt-1 font-semibold">{step.what}</p>
    <ul class="mt-3 border-t border-line pt-2">
      {#each step.why as why, index (index)}
        <li class="mb-2 flex gap-2">
          <span class={why.held ? 'text-water' : 'text-muted'} aria-hidden="true">{why.held ? '●' : '○'}</span
          >
          <span>
            <span class={why.held ? 'font-semibold' : ''}>{why.rule}</span>
            <span class="sr-only">{why.held ? 'held' : 'did not hold'}</span>
            <span class="block text-muted">{why.because}</span>
          </span>
        </li>
      {/each}
    </ul>
    {#if sets.length > 0}
      <p class="border-t border-line pt-2 text-muted" id="sets-off">Sets off</p>
      <ul class="mb-2" aria-labelledby="sets-off">
        {#each sets as effect, index (index)}
          <li class="flex gap-2 py-0.5">
            <span class="w-10 shrink-0 text-right font-mono {effect.heldBack ? 'text-muted' : 'text-water'}"
              >{clock(effect.second)}</span
            >
            <span class={effect.heldBack ? 'text-muted' : ''}>
              {effect.heldBack ? 'Not ' : ''}{effect.says}
              {#if effect.heldBack}<span class="block">held back: {effect.heldBack}</span>{/if}
            </span>
          </li>
        {/each}
      </ul>
    {/if}
    <dl class="mt-2 grid grid-cols-[5rem_1fr] gap-y-1 border-t border-line pt-2">
      <dt class="text-muted">Language</dt>
      <dd>{step.after.language}</dd>
      <dt class="text-muted">Called first</dt>
      <dd>{step.after.firstCalled ? titleOf(step.after.firstCalled) : 'nobody yet'}</dd>
      <dt class="text-muted">Channels</dt>
      <dd class="font-mono">{step.after.channels}</dd>
      <dt class="text-muted">Voice channels</dt>
      <dd class="font-mono">{step.after.voiceChannels}</dd>
    </dl>
  {:else if row}
    <p class="font-semibold">The call on the bench does not come to row {row.number}.</p>
    <p class="mt-1 text-muted">A caller can be here {span(row.earliest, row.latest)} after the call began.</p>
    <ol class="mt-3 border-t border-line pt-2" aria-label="Steps of the call">
      {#each steps as one, index (index)}
        <li class="flex gap-2 py-0.5">
          <span class="w-10 shrink-0 text-right font-mono text-water">{clock(one.second)}</span>
          <button class="text-left hover:text-water" onclick={() => show(index)}>{one.what}</button>
        </li>
      {/each}
    </ol>
  {/if}
  {#each findings as finding, index (index)}
    <div class="mt-3 border-t border-line pt-2"><FindingNote {finding} /></div>
  {/each}
  {#if row}
    <div class="mt-3 flex flex-wrap gap-2 border-t border-line pt-3">
      {#if row.object}
        <a class="plain" href={sheetOf(row.object)}>Open its sheet</a>
      {/if}
      {#if site.open}
        {#if row.adds}
          {@const place = row.adds}
          <button class="plain" onclick={() => add(place)}>Add an entry</button>
        {/if}
        {#if row.object}
          {@const object = row.object}
          <button class="plain" onclick={() => remove(object)}>Remove it</button>
        {/if}
      {/if}
    </div>
  {/if}
</aside>
