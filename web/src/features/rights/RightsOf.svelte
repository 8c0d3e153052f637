<script lang="ts">
  import { RIGHTS, turned } from './rights';

  /** Rights to tick, for an invitation or a machine. */
  interface Props {
    rights: string[];
    without?: string[];
  }
  let { rights = $bindable(), without = [] }: Props = $props();
</script>

<fieldset class="mt-3">
  <legend class="text-muted">May</legend>
  {#each RIGHTS.filter((one) => !without.includes(one.right)) as one (one.right)}
    <label class="flex items-baseline gap-2 py-0.5">
      <input
        type="checkbox"
        checked={rights.includes(one.right)}
        onchange={(event) => (rights = turned(rights, one.right, event.currentTarget.checked))}
      />
      <b class="w-36 shrink-0">{one.title.toLowerCase()}</b>
      <span class="text-muted">{one.help}</span>
    </label>
  {/each}
</fieldset>
