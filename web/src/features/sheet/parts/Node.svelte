<script lang="ts">
  import { sheetOf } from '../../../app/links';
  import { site } from '../../../app/site.svelte';
  import type { FieldView } from '../../../lib/api/types';
  import { typed } from '../../../lib/typed';
  import Menu from '../../../lib/ui/Menu.svelte';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';
  import { isLeaf, named, step, takesLeaf, usualOf } from '../fields';
  import { Keeping } from '../keeping.svelte';
  import { kinds } from '../kinds.svelte';
  import { makeAt } from '../making';
  import type { Sheet } from '../sheet.svelte';
  import EntryName from './EntryName.svelte';
  import Self from './Node.svelte';
  import ValueEditor from './ValueEditor.svelte';

  /** A value on a sheet: a token to change it, or what is inside it, each with its own. */
  interface Props {
    sheet: Sheet;
    form: FieldView;
    at: string;
    /** What the token is called for those who do not see where it stands. */
    label: string;
  }
  let { sheet, form, at, label }: Props = $props();

  const all = kinds();
  const keeping = new Keeping(site.fail.bind(site));
  let adding = $state(false);
  const value = $derived(sheet.value(at));
  const shown = $derived(sheet.at(at));
  const pending = $derived(
    !keeping.open && keeping.said === undefined && typed.get(sheet.object + at) !== undefined,
  );
  const each = $derived(form.each);
  const isList = $derived(
    Array.isArray(value) || (value === undefined && form.types.includes('list') && each),
  );
  const isMap = $derived(
    !isList && each !== undefined && !isLeaf(value) && (value !== undefined || !form.types.includes('text')),
  );
  const isFields = $derived(!isList && !isMap && form.fields.length > 0 && typeof value === 'object');
  const names = $derived(
    isMap
      ? Object.keys((value ?? {}) as object).filter(
          (name) => !form.fields.some((field) => field.name === name),
        )
      : [],
  );
  const given = $derived(form.fields.filter((field) => sheet.value(at + step(field.name)) !== undefined));
  const others = $derived(form.fields.filter((field) => !given.includes(field)));
  /** What can be said besides, where one field stands for all. */
  const alone = $derived(form.alone && form.fields.filter((field) => field.name !== form.alone));
  const href = $derived(shown?.object ? sheetOf(shown.object) : undefined);

  const text = $derived.by(() => {
    if (keeping.said !== undefined) return keeping.said;
    if (value !== undefined) return shown?.text ?? String(value);
    if (sheet.missing.has(at)) return 'nothing: a hole';
    return form.usual === undefined ? 'add' : `${usualOf(form)} (usual)`;
  });
  const style = $derived.by(() => {
    if (value !== undefined) return shown?.object ? 'font-semibold' : '';
    return sheet.missing.has(at) ? 'wrong' : 'text-muted';
  });

  /** Objects are named by their references, or where only numbers stand by their keys. */
  function make(place: string, field: FieldView) {
    return (kind: string, name: string) => {
      keeping.open = false;
      adding = false;
      const known = all.of(kind);
      const byKey = field.byKey;
      if (known) makeAt(known, name, { object: sheet.object, at: place, byKey }).catch(site.fail.bind(site));
    };
  }
</script>

{#snippet token(text: string, style: string)}
  {#if sheet.open}
    <TokenPopover
      bind:open={keeping.open}
      bind:button={keeping.token}
      label="{label}: {text}"
      {text}
      class={style}
    >
      <ValueEditor
        close={() => keeping.leave()}
        refused={keeping.refused}
        {form}
        kind={sheet.kind}
        object={sheet.object}
        {at}
        {value}
        save={(wanted, anyway, title) =>
          keeping.keep(form, wanted, title, () => sheet.set(at, wanted, anyway))}
        make={form.makes.length ? make(at, form) : undefined}
      />
    </TokenPopover>
  {:else}
    <span class={style}>{text}</span>
  {/if}
  {#if pending}<span class="wrong" title="What was typed here is not kept yet">…</span>{/if}
{/snippet}

{#snippet further(fields: FieldView[], what: string)}
  {#if sheet.open && fields.length}
    <TokenPopover label="{label}: more fields" text="+ {what}" class="no-print whitespace-nowrap text-water">
      <ul>
        {#each fields as field (field.name)}
          <li class="py-1">
            <span class="text-muted" title={field.help}>{field.title}</span>
            <Self
              {sheet}
              form={field}
              at={at + step(field.name)}
              label="{label} {field.title.toLowerCase()}"
            />
          </li>
        {/each}
      </ul>
    </TokenPopover>
  {/if}
{/snippet}

{#if isList && each}
  {@const list = (value ?? []) as unknown[]}
  {@const plain = list.every(isLeaf)}
  <span class={plain ? 'flex flex-wrap items-baseline gap-x-2 gap-y-1' : 'flex flex-col gap-1'}>
    <!-- A word can stand in place of the list: before all, yes. -->
    {#if sheet.open && !list.length && takesLeaf(form)}<span>{@render token(text, style)}</span>{/if}
    {#each list.keys() as index (index)}
      <span class="flex items-baseline gap-1">
        {#if !plain}<span class="w-5 shrink-0 text-right font-mono text-xs text-muted">{index + 1}</span>{/if}
        <Self {sheet} form={each} at={at + step(index)} label="{label} {index + 1}" />
        {#if sheet.open}
          <span class="no-print">
            <Menu label="" title="{label} {index + 1}: move or take out">
              {#snippet items(item)}
                {#if index > 0}{@render item(
                    'Move up',
                    () => void sheet.move(at, index, index - 1).catch(site.fail.bind(site)),
                  )}{/if}
                {#if index < list.length - 1}{@render item(
                    'Move down',
                    () => void sheet.move(at, index, index + 1).catch(site.fail.bind(site)),
                  )}{/if}
                {@render item(
                  'Take out',
                  () => void sheet.set(at + step(index), null).catch(site.fail.bind(site)),
                )}
              {/snippet}
            </Menu>
          </span>
        {/if}
      </span>
    {/each}
    {#if sheet.open}
      <span>
        <TokenPopover
          bind:open={adding}
          label="{label}: add"
          text="+ {(each.title || form.title).toLowerCase()}"
          class="no-print text-water"
        >
          {#snippet children(close)}
            <ValueEditor
              {close}
              form={each}
              kind={sheet.kind}
              object={sheet.object}
              at={at + step(list.length)}
              value={undefined}
              save={async (wanted) => {
                await sheet.add(at, wanted);
                close();
              }}
              make={each.makes.length && list.length ? make(at + step(list.length), each) : undefined}
            />
          {/snippet}
        </TokenPopover>
      </span>
    {:else if !list.length}<span class="text-muted">none</span>{/if}
  </span>
{:else if isMap && each}
  <span class="flex flex-col gap-1">
    {#each given as field (field.name)}
      <span class="flex items-baseline gap-2">
        <span class="w-24 shrink-0 text-muted" title={field.help}>{field.title}</span>
        <Self {sheet} form={field} at={at + step(field.name)} label="{label} {field.title}" />
      </span>
    {/each}
    {#each names as name (name)}
      <span class="flex items-baseline gap-2">
        <span class="w-28 shrink-0 truncate font-mono text-[13px]" title={name}>{name}</span>
        <span class="grow"><Self {sheet} form={each} at={at + step(name)} label="{label} {name}" /></span>
        {#if sheet.open}
          <button
            class="no-print px-1 text-muted"
            aria-label="{label} {name}: take out"
            title="Take out"
            onclick={() => void sheet.set(at + step(name), null).catch(site.fail.bind(site))}>×</button
          >
        {/if}
      </span>
    {/each}
    {#if sheet.open}
      <EntryName {sheet} {form} {each} {at} {label} />
    {/if}
  </span>
{:else if isFields}
  <span class="flex flex-wrap items-baseline gap-x-3 gap-y-1">
    {#each given as field (field.name)}
      <span class="flex items-baseline gap-1.5">
        <span class="text-muted" title={field.help}>{field.title.toLowerCase()}</span>
        <Self {sheet} form={field} at={at + step(field.name)} label="{label} {field.title.toLowerCase()}" />
      </span>
    {/each}
    {@render further(others, named(others))}
  </span>
{:else}
  <!-- One token whether something is given or not: its popover stays the same while what it changes arrives. -->
  <span class="inline-flex items-baseline gap-1">
    {@render token(text, style)}
    {#if href}<a
        class="no-print inline-block min-h-6 min-w-6 text-center leading-6 text-water"
        {href}
        title="Open {shown?.text}"
        aria-label="Open {shown?.text}">↗</a
      >{/if}
    {#if alone && value !== undefined}{@render further(alone, 'more')}{/if}
  </span>
{/if}
