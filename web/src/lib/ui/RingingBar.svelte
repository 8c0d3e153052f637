<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import { bells } from './bells';

  /** A phone that rings, drawn to scale at the country's cadence. */
  interface Props {
    from: number;
    to: number;
    /** The end of the axis. */
    seconds: number;
    width: number;
    margin?: number;
    /** One ring and the pause after it, in seconds. */
    cycle: number;
    label: string;
  }
  let { from, to, seconds, width, margin = 16, cycle, label }: Props = $props();

  const x = $derived(scaleLinear([0, seconds], [margin, width - margin]));
</script>

<svg {width} height="18" role="img" aria-label={label}>
  {#each bells(from, to, cycle) as [begin, end] (begin)}
    <rect x={x(begin)} y="2" width={Math.max(1, x(end) - x(begin))} height="14" class="fill-sand" />
  {/each}
</svg>
