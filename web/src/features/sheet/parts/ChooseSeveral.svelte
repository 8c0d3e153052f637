<script lang="ts">
  import type { FieldView } from '../../../lib/api/types';
  import { step } from '../fields';
  import Choose from './Choose.svelte';

  /** A list of what is found by name, each with its own token, and one more to add to them. */
  interface Props {
    form: FieldView;
    each: FieldView;
    kind: string;
    at: string;
    values: string[];
    id: string;
  }
  let { form, each, kind, at, values = $bindable(), id }: Props = $props();
</script>

<span class="flex flex-wrap items-baseline gap-x-2 gap-y-1">
  {#each [...values, ''] as value, index (index)}
    <span>
      <Choose
        form={{ ...each, title: each.title || form.title, needed: false }}
        {kind}
        at={at + step(index)}
        bind:text={
          () => value,
          (text) =>
            (values = [...values.slice(0, index), text, ...values.slice(index + 1)].filter((one) => one))
        }
        id={index === 0 ? id : `${id}-${index}`}
        none="+ {(each.title || form.title).toLowerCase()}"
      />
    </span>
  {/each}
</span>
