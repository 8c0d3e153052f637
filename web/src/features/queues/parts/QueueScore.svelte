<script module lang="ts">
  /** Something said meanwhile, when it is said first, and when it would be; seconds. */
  export interface Moving {
    object: string;
    place: number;
    from: number;
    to: number;
  }
</script>

<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import type { Preview } from '../../../app/preview.svelte';
  import { site } from '../../../app/site.svelte';
  import type { AgentView, ItemView, ScoreView, Wish } from '../../../lib/api/types';
  import { axisStep, clock, lasting } from '../../../lib/clock';
  import Handle from '../../../lib/ui/Handle.svelte';

  /** The score of a wait on one axis: what is heard, what may be pressed, who rings, how the call leaves. */
  interface Props {
    score: ScoreView;
    preview: Preview;
    /** What is being moved: the score is of what would be then. */
    moving?: Moving;
  }
  let { score, preview, moving = $bindable() }: Props = $props();

  const LABEL = 136;
  const MARGIN = 12;
  const LONGEST = 24 * 3600;
  let whole = $state(800);
  const width = $derived(whole - LABEL);
  const end = $derived(Math.max(10, score.seconds) * 1.02);
  const scale = $derived(end / Math.max(1, width - 2 * MARGIN));
  const px = (second: number) => LABEL + MARGIN + second / scale;
  const x = (second: number) => `${px(second)}px`;
  const ticks = $derived.by(() => {
    const step = axisStep(end, 12);
    return Array.from({ length: Math.floor(end / step) + 1 }, (_, index) => index * step);
  });
  const speech = $derived(score.hears.filter((one) => one.sound === 'speech' && one.from < score.seconds));
  const shown = $derived(score.items.filter((item) => item.here || moving?.place === item.place));

  function firstOf(item: ItemView): number {
    return moving?.place === item.place ? moving.to : item.first;
  }

  function times(item: ItemView): number[] {
    const first = firstOf(item);
    const all: number[] = [];
    for (let second = first; second < score.seconds - score.joining; second += item.every ?? Infinity)
      all.push(second);
    return all;
  }

  function wish(item: ItemView, to: number): Wish {
    return { set: { object: score.object, field: `/meanwhile/${item.place}/at`, value: `${to}s` } };
  }

  function move(item: ItemView, to: number) {
    const from = moving?.place === item.place ? moving.from : item.first;
    moving = { object: score.object, place: item.place, from, to };
    preview.ask(wish(item, to));
  }

  async function keep(item: ItemView) {
    const moved = moving;
    if (moved && moved.to !== moved.from) {
      preview.stop();
      try {
        await site.change(wish(item, moved.to));
      } catch (failure) {
        site.fail(failure);
      }
    }
    if (moving === moved) drop();
  }

  function drop() {
    moving = undefined;
    preview.drop();
  }

  function inWords(agent: AgentView): string {
    return [
      agent.byPhone ? 'logs in by phone' : 'always in',
      ...(agent.rank > 1 ? [`rank ${agent.rank}`] : []),
      ...(agent.joinsAfter ? [`after ${lasting(agent.joinsAfter)}`] : []),
    ].join(', ');
  }

  /** What is said at once with something else, where it is now or would be. */
  function together(item: ItemView, second: number): boolean {
    return score.together.some((two) => two.place === item.place && two.second === second + score.joining);
  }
</script>

<section
  class="relative border-y border-line bg-panel pb-1"
  aria-label="The wait, drawn to scale"
  bind:clientWidth={whole}
>
  <div class="relative h-5 font-mono text-[11px] text-muted" aria-hidden="true">
    {#each ticks as tick (tick)}
      <span class="absolute top-0.5 -translate-x-1/2" style:left={x(tick)}>{clock(tick)}</span>
    {/each}
  </div>
  <div class="relative">
    {#each ticks as tick (tick)}
      <span class="pointer-events-none absolute inset-y-0 w-px bg-line" style:left={x(tick)}></span>
    {/each}
    <div class="relative h-9">
      <p class="absolute top-1 left-5 w-28 leading-4">
        <b>hears</b>
        <span class="block text-xs text-muted"
          >{score.hears.some((one) => one.sound === 'music') ? 'music' : 'silence'} between</span
        >
      </p>
      <span
        class="absolute top-4 border-t-2 border-dotted border-slate"
        style:left={x(0)}
        style:width="{Math.max(0, score.seconds / scale)}px"
      ></span>
      {#each speech as one, index (index)}
        <span
          class="absolute top-1.5 h-5 overflow-hidden bg-water px-0.5 text-xs leading-5 whitespace-nowrap text-on"
          style:left={x(one.from)}
          style:width="{Math.max(3, (one.to - one.from) / scale)}px"
          title="{clock(one.from)} {one.text}"
        ></span>
      {/each}
    </div>
    {#each shown as item (item.place)}
      <div class="relative h-6">
        <p class="absolute left-5 w-28 truncate text-xs leading-6 text-muted" title={item.says}>
          {item.says}
        </p>
        {#each times(item) as second, index (index)}
          <span
            class="absolute top-1.5 h-3 w-1.5 -translate-x-1/2 {together(item, second)
              ? 'bg-clay'
              : moving?.place === item.place
                ? 'bg-reed'
                : 'bg-water/60'}"
            style:left={x(score.joining + second)}
            title="{item.says} at {clock(score.joining + second)}"
          ></span>
        {/each}
        {#if site.open}
          <Handle
            value={firstOf(item)}
            min={0}
            max={LONGEST}
            {scale}
            label="{item.says}, first said after"
            says={lasting(firstOf(item))}
            left={x(score.joining + firstOf(item))}
            moved={moving?.place === item.place && moving.to !== moving.from}
            asking={preview.asking}
            onmove={(to) => move(item, to)}
            onkeep={() => void keep(item)}
            ondrop={drop}
          />
        {/if}
      </div>
    {/each}
    {#each [...score.together].sort((one, two) => one.second - two.second).slice(0, 3) as two, index (index)}
      <p class="pr-4 pl-[136px] text-xs text-clay">
        <b>{clock(two.second)} two at once:</b>
        {two.one} and {two.other}
      </p>
    {/each}
    {#if score.together.length}
      <p class="pr-4 pl-[136px] text-xs text-muted">of two at once the later waits, or is left out</p>
    {/if}
    {#if score.keys.length}
      <p class="absolute left-5"><b>may press</b></p>
      {#each score.keys as key (key.key)}
        <div class="relative h-6">
          <span
            class="absolute top-0.5 flex h-5 items-center overflow-hidden border border-muted text-xs whitespace-nowrap"
            style:left={x(key.from)}
            style:width="{Math.max(40, (score.seconds - key.from) / scale)}px"
            ><kbd class="bg-muted px-1.5 font-mono leading-5 text-on">{key.key}</kbd><span class="px-1.5"
              >{key.leads}, from {clock(key.from)}</span
            ></span
          >
        </div>
      {/each}
    {/if}
    <p class="pl-5"><b>rings</b></p>
    {#each score.agents as agent, index (index)}
      <div class="relative h-6">
        <span
          class="absolute top-0.5 h-5 bg-sand/25"
          style:left={x(0)}
          style:width="{Math.max(0, score.seconds / scale)}px"
        ></span>
        {#each agent.rings as ring (ring.from)}
          <span
            class="absolute top-0.5 h-5 bg-sand"
            style:left={x(ring.from)}
            style:width="{Math.max(2, (ring.to - ring.from) / scale)}px"
            title="{agent.title} rings from {clock(ring.from)} to {clock(ring.to)}"
          ></span>
        {/each}
        <p class="absolute left-5 w-28 truncate text-xs leading-6" title="{agent.title}, {inWords(agent)}">
          {#if agent.object}<a class="hover:underline" href={sheetOf(agent.object)}>{agent.title}</a>
          {:else}{agent.title}{/if}
        </p>
        <span
          class="pointer-events-none absolute top-0.5 bg-panel/70 px-1 text-xs leading-5 text-muted"
          style:right="{whole - px(score.seconds) + 4}px">{inWords(agent)}</span
        >
      </div>
    {:else}
      <p class="h-6 pl-[148px] leading-6 text-clay">nobody: it has no agent</p>
    {/each}
    <div class="relative min-h-6 pl-[148px]" style:padding-right="{whole - px(score.seconds) + 8}px">
      <p class="absolute left-5"><b>leaves</b></p>
      <p class="leading-6">
        {#each score.leaves as leave, index (leave.when)}
          {index ? ' · ' : ''}<span class="text-muted"
            >{leave.when}{leave.second ? `, at ${clock(leave.second)}` : ''}:</span
          >
          <b class="text-plum">{leave.leads}</b>
        {/each}
      </p>
    </div>
    <span class="pointer-events-none absolute inset-y-0 w-0.5 bg-plum" style:left={x(score.seconds)}></span>
  </div>
</section>
