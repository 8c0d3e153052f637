<script lang="ts">
  import { instant, timeOn } from '../../../app/said';
  import type { HoursRow, JournalView, RulesView } from '../../../lib/api/types';
  import { bench } from '../../bench/bench.svelte';
  import FindingNote from '../../findings/FindingNote.svelte';
  import JournalEntry from '../../journal/JournalEntry.svelte';
  import { site } from '../../../app/site.svelte';
  import Decides from './Decides.svelte';

  /** What hours are on the bench, where they decide, which prompts say otherwise, what was changed last. */
  let { row, view, journal }: { row: HoursRow; view?: RulesView; journal: JournalView[] } = $props();
</script>

<section>
  <h2 class="font-semibold">On {instant(bench.at)}</h2>
  <p class="mt-1"><b>{row.state}</b> <span class="text-muted">by “{row.why}”</span></p>
  {#if row.next}<p class="mt-1 text-muted">
      Next: {row.next.state} from {timeOn(row.next.at, bench.at)}
    </p>{/if}
  {#if row.zone}<p class="mt-1 text-muted">
      Its rules are of the time of {row.zone}; the week shows the site's.
    </p>{/if}
</section>
{#if view}
  <Decides decides={view.decides} numbers={view.numbers} />
  {#if view.said.length}
    <section class="mt-3 border-t border-line pt-3">
      <h2 class="font-semibold">Prompts that say other hours</h2>
      {#each view.said as finding, index (index)}<FindingNote {finding} />{/each}
    </section>
  {/if}
{/if}
<section class="mt-3 border-t border-line pt-3">
  <h2 class="font-semibold">Last changes, and who notices</h2>
  {#each journal as entry (entry.version)}
    <JournalEntry {entry} undo={site.open} />
  {:else}
    <p class="mt-1 text-muted">none since it is in this site</p>
  {/each}
</section>
