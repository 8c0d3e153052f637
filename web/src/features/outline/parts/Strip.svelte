<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { site } from '../../../app/site.svelte';
  import type { CallView } from '../../../lib/api/types';
  import { clock } from '../../../lib/clock';
  import { bells } from '../../../lib/ui/bells';
  import EndMark from '../../../lib/ui/EndMark.svelte';
  import TimeAxis from '../../../lib/ui/TimeAxis.svelte';
  import { bench } from '../../bench/bench.svelte';

  interface Props {
    hovered?: number;
    /** The steps that are looked at; the others step back. */
    mark?: number[];
    /** The call that is drawn; that of the bench where none is given. */
    call?: CallView;
    marks?: number;
  }
  let { hovered = $bindable(), mark, call = bench.call, marks: MARKS = 12 }: Props = $props();

  let width = $state(900);
  const MARGIN = 16;
  const LETTER = 7;

  const trace = $derived(call?.trace);
  const parts = $derived(
    (trace?.steps ?? []).flatMap((step, index) =>
      step.hears.map((heard) => ({ ...heard, step: index, title: call?.titles[index] ?? '' })),
    ),
  );
  const end = $derived(Math.max(5, trace?.ending.second ?? 0, ...parts.map((part) => part.to)) * 1.04);
  const x = $derived(scaleLinear([0, end], [MARGIN, width - MARGIN]));
  const ring = $derived(site.view?.ringSeconds ?? 3);

  function fitting(text: string, seconds: number): string {
    const letters = Math.floor(((seconds / end) * (width - 2 * MARGIN)) / LETTER) - 2;
    return letters < 3 ? '' : text.length <= letters ? text : text.slice(0, letters - 1) + '…';
  }

  /** A heading over each stretch that is long enough for it. */
  const headings = $derived(
    parts
      .filter(
        (part, index) =>
          part.sound !== 'key' &&
          parts.findIndex((other) => other.step === part.step && other.sound !== 'key') === index,
      )
      .map((part) => {
        const next = parts.find((other) => other.step > part.step);
        return { ...part, room: (next?.from ?? end) - part.from };
      }),
  );
</script>

<section class="border-t border-line bg-paper px-4 pt-2 pb-1" aria-label="The call in seconds">
  {#if trace}
    <p class="flex flex-wrap gap-x-3">
      <span class="font-semibold">{call?.inWords}&nbsp;<EndMark kind={trace.ending.kind} /></span>
      <span class="text-muted"
        >{trace.steps.length} {trace.steps.length === 1 ? 'step' : 'steps'} · language {trace.language}</span
      >
    </p>
    <div bind:clientWidth={width}>
      <svg {width} height="66" role="img" aria-label="{call?.inWords}, drawn to scale">
        {#each headings as heading (heading.step)}
          <text x={x(heading.from)} y="16" class="fill-ink text-[12px] font-semibold"
            >{fitting(heading.title, heading.room)}</text
          >
        {/each}
        {#each parts as part, index (index)}
          <!-- svelte-ignore a11y_no_static_element_interactions (hovering only lights the row; the list of steps says the same) -->
          <g
            class={mark && !mark.includes(part.step) ? 'opacity-35' : ''}
            onpointerenter={() => (hovered = part.step)}
            onpointerleave={() => (hovered = undefined)}
          >
            <title>{clock(part.from)} {part.text}</title>
            {#if part.sound === 'speech'}
              <rect
                x={x(part.from)}
                y="24"
                width={Math.max(2, x(part.to) - x(part.from))}
                height="24"
                class={part.from >= trace.ending.second ? 'fill-plum' : 'fill-water'}
              />
              <text x={x(part.from) + 5} y="40" class="fill-on text-[12px]"
                >{fitting(part.text, part.to - part.from)}</text
              >
            {:else if part.sound === 'ringing'}
              <rect
                x={x(part.from)}
                y="24"
                width={x(part.to) - x(part.from)}
                height="24"
                fill="transparent"
              />
              {#each bells(part.from, part.to, ring) as [from, to], bell (bell)}
                <rect x={x(from)} y="24" width={Math.max(1, x(to) - x(from))} height="24" class="fill-sand" />
              {/each}
            {:else if part.sound === 'silence' || part.sound === 'music'}
              <!-- a bead where music begins, so that waits with and without look apart -->
              {#if part.sound === 'music'}<circle
                  cx={x(part.from) + 4}
                  cy="36"
                  r="4"
                  class="fill-slate"
                />{/if}
              <line
                x1={x(part.from) + (part.sound === 'music' ? 10 : 0)}
                x2={Math.max(x(part.to), x(part.from) + (part.sound === 'music' ? 10 : 0))}
                y1="36"
                y2="36"
                class="stroke-slate"
                stroke-width="2"
                stroke-dasharray="2 4"
              />
            {:else if part.sound === 'tone'}
              <text x={x(part.from)} y="40" class="fill-clay text-[12px] font-semibold">{part.text}</text>
            {/if}
          </g>
        {/each}
        {#each parts.filter((part) => part.sound === 'key') as key, index (index)}
          {@const half = 4 + key.text.length * 4}
          <!-- Digits keyed at the very beginning stay whole: their box begins where the strip does. -->
          {@const middle = Math.max(x(key.from), half + 1)}
          <line x1={x(key.from)} x2={x(key.from)} y1="20" y2="62" class="stroke-water" />
          <rect
            x={middle - half}
            y="20"
            width={half * 2}
            height="18"
            rx="3"
            class="fill-panel stroke-water"
          />
          <text x={middle} y="33" text-anchor="middle" class="fill-ink font-mono text-[13px] font-bold"
            >{key.text}</text
          >
        {/each}
        <line
          x1={x(trace.ending.second)}
          x2={x(trace.ending.second)}
          y1="20"
          y2="62"
          class="stroke-reed"
          stroke-dasharray="2 2"
        />
        <circle cx={x(trace.ending.second)} cy="62" r="4" class="fill-reed" />
      </svg>
      <div class="-mt-1.5"><TimeAxis seconds={end} {width} margin={MARGIN} marks={MARKS} /></div>
    </div>
  {:else}
    <p class="py-6 text-muted">The call appears here once the bench is complete.</p>
  {/if}
</section>
