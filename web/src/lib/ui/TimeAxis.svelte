<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { axisStep, clock } from '../clock';

  /** Seconds from the beginning, drawn to scale. */
  interface Props {
    seconds: number;
    width: number;
    margin?: number;
    marks?: number;
  }
  let { seconds, width, margin = 16, marks = 12 }: Props = $props();

  const x = $derived(scaleLinear([0, seconds], [margin, width - margin]));
  const LETTER = 7.3;
  const ticks = $derived.by(() => {
    const label = (clock(Math.round(seconds)).length + 1) * LETTER;
    const step = axisStep(seconds, Math.max(1, Math.min(marks, (width - 2 * margin) / label)));
    return Array.from({ length: Math.floor(seconds / step) + 1 }, (_, index) => index * step);
  });
</script>

<svg {width} height="26" role="img" aria-label="0 to {clock(Math.round(seconds))}">
  <line x1={margin} x2={width - margin} y1="2" y2="2" class="stroke-muted" />
  {#each ticks as tick (tick)}
    <line x1={x(tick)} x2={x(tick)} y1="2" y2="7" class="stroke-muted" />
    <text x={x(tick)} y="20" text-anchor="middle" class="fill-muted font-mono text-[12px]">{clock(tick)}</text
    >
  {/each}
</svg>
