<script lang="ts">
  import { together } from '../../app/said';
  import { site } from '../../app/site.svelte';
  import { fix, MARKS } from './findings.svelte';
  import type { FindingView } from '../../lib/api/types';

  /** A finding beside what it is about: its severity by word and mark, what it says, what would mend it. */
  let { finding }: { finding: FindingView } = $props();
</script>

<div class="mt-1.5 text-[13px] leading-5">
  <p>
    <span class={finding.severity === 'blocking' ? 'wrong' : 'font-semibold'}
      >{MARKS[finding.severity]} {finding.severity}: {finding.title}.</span
    >
    {together(finding.says)}
  </p>
  {#if finding.accepted}<p class="text-muted">Accepted: {finding.accepted}</p>{/if}
  {#if site.open}
    {#each finding.fixes as title (title)}
      <button class="link mr-2" onclick={() => fix(finding, title)}>{title}</button>
    {/each}
  {/if}
</div>
