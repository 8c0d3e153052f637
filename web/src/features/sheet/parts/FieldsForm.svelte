<script lang="ts">
  import { untrack } from 'svelte';
  import type { FieldView } from '../../../lib/api/types';
  import { isLeaf, step, takesLeaf, valueOf } from '../fields';
  import Self from './FieldsForm.svelte';
  import ChooseSeveral from './ChooseSeveral.svelte';
  import Leaf from './Leaf.svelte';

  /** Several fields that belong together, kept as one: a new member, a range of numbers. */
  interface Props {
    form: FieldView;
    kind: string;
    at: string;
    value: unknown;
    save: (value: unknown) => void;
    /** Within another form: what is in it goes up as it is typed. */
    inner?: (value: Record<string, unknown>) => void;
    action?: string;
  }
  let { form, kind, at, value, save, inner, action = 'Keep' }: Props = $props();

  /** What stands under names of its own, such as keys, is added on the sheet, one after another. */
  const typed = $derived(
    form.fields.filter((field) => !field.each || field.types.includes('list') || takesLeaf(field)),
  );

  const before = untrack(() =>
    typeof value === 'object' && value !== null
      ? (value as Record<string, unknown>)
      : ({} as Record<string, unknown>),
  );
  const texts = $state<Record<string, string>>(
    untrack(() => Object.fromEntries(form.fields.map((field) => [field.name, shown(before[field.name])]))),
  );
  const inside = $state<Record<string, unknown>>(
    untrack(() =>
      Object.fromEntries(
        form.fields.filter((field) => isFields(field)).map((field) => [field.name, before[field.name]]),
      ),
    ),
  );

  function isFields(field: FieldView): boolean {
    return !takesLeaf(field) && !field.types.includes('list') && field.fields.length > 0;
  }

  function shown(one: unknown): string {
    if (Array.isArray(one)) return one.filter(isLeaf).join('\n');
    return isLeaf(one) ? String(one) : '';
  }

  function made(): Record<string, unknown> {
    const all: Record<string, unknown> = { ...before };
    for (const field of typed) {
      const text = texts[field.name] ?? '';
      if (isFields(field)) all[field.name] = inside[field.name];
      else if (field.types.includes('list') && !takesLeaf(field))
        all[field.name] = lines(field, text, before[field.name]);
      else all[field.name] = text.trim() === '' ? undefined : valueOf(field, text);
      if (all[field.name] === undefined) delete all[field.name];
    }
    return all;
  }

  /** One entry a line; entries that are no text stay behind them. */
  function lines(field: FieldView, text: string, old: unknown): unknown[] | undefined {
    const each = field.each;
    const all = text.split('\n').filter((line) => line.trim());
    const rest = Array.isArray(old) ? old.filter((one) => !isLeaf(one)) : [];
    const values = [...all.map((line) => (each ? valueOf(each, line) : line.trim())), ...rest];
    return values.length ? values : undefined;
  }

  $effect(() => inner?.(made()));
</script>

<div class="grid grid-cols-[7.5rem_minmax(0,1fr)] items-start gap-x-2 gap-y-1.5">
  {#each typed as field (field.name)}
    {@const id = `field-${at.replaceAll('/', '-')}-${field.name}`}
    <label class="pt-1 text-muted" for={id} title={field.help}
      >{field.title}{field.needed ? ' (needed)' : ''}</label
    >
    <div>
      {#if isFields(field)}
        <Self
          form={field}
          {kind}
          at={at + step(field.name)}
          value={before[field.name]}
          {save}
          inner={(one) => (inside[field.name] = Object.keys(one).length ? one : undefined)}
        />
      {:else if field.types.includes('list') && !takesLeaf(field)}
        {#if field.each?.strict}
          <ChooseSeveral
            form={field}
            each={field.each}
            {kind}
            at={at + step(field.name)}
            bind:values={
              () => (texts[field.name] ?? '').split('\n').filter((line) => line),
              (values) => (texts[field.name] = values.join('\n'))
            }
            {id}
          />
        {:else}
          <textarea
            {id}
            class="w-full font-mono"
            rows="2"
            bind:value={texts[field.name]}
            placeholder="one a line"></textarea>
        {/if}
      {:else}
        <Leaf
          form={field}
          {kind}
          at={at + step(field.name)}
          bind:text={() => texts[field.name] ?? '', (text) => (texts[field.name] = text)}
          {id}
          onentered={() => save(made())}
        />
      {/if}
    </div>
  {/each}
</div>
{#if !inner}
  <p class="mt-2 text-right">
    <button type="button" class="primary" onclick={() => save(made())}>{action}</button>
  </p>
{/if}
