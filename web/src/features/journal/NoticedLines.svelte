<script lang="ts">
  import type { Noticed } from '../../lib/api/types';

  /** What callers notice of a change: in a sentence, and the first few of them one by one. */
  let { noticed, most = 3 }: { noticed: Noticed; most?: number } = $props();

  const lines = $derived(
    noticed.first.slice(0, most).map((one) => ({
      who:
        one.calling +
        (one.caller ? `, ${one.caller}` : '') +
        (one.choices.length ? `, ${one.choices.join(', ')}` : ''),
      when: one.when,
      before: one.before,
      after: one.after,
    })),
  );
</script>

<span>{noticed.says}</span>
{#each lines as line, index (index)}
  <span class="block"
    ><b class="font-semibold">{line.who}</b> <span class="text-muted">{line.when}:</span>
    {line.after} <span class="text-muted">instead of {line.before}</span></span
  >
{/each}
{#if noticed.count > lines.length && lines.length}
  <span class="block text-muted">and {noticed.count - lines.length} more</span>
{/if}
