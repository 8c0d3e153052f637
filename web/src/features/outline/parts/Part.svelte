<script lang="ts">
  import { splitRef } from '../../../app/refs';
  import { site } from '../../../app/site.svelte';
  import type { FieldView, PartView } from '../../../lib/api/types';
  import EndMark from '../../../lib/ui/EndMark.svelte';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';
  import { fieldAt } from '../../sheet/fields';
  import { Keeping } from '../../sheet/keeping.svelte';
  import { kinds } from '../../sheet/kinds.svelte';
  import { makeAt } from '../../sheet/making';
  import ValueEditor from '../../sheet/parts/ValueEditor.svelte';

  let { part }: { part: PartView } = $props();

  const STYLES: Record<PartView['style'], string> = {
    plain: '',
    strong: 'font-semibold',
    muted: 'text-muted',
    digits: 'font-mono text-[13px]',
    key: 'keycap',
    answered: 'font-semibold text-moss',
    message: 'font-semibold text-plum',
    outside: 'font-semibold text-slate',
    ended: 'font-semibold text-muted',
    lost: 'font-semibold text-clay',
  };
  const all = kinds();
  const keeping = new Keeping(site.fail.bind(site));
  const ENDS: PartView['style'][] = ['answered', 'message', 'outside', 'ended', 'lost'];

  /** What the field of a token is, as the server knows it. */
  function formOf(object: string, place: string): FieldView | undefined {
    return fieldAt(all.of(splitRef(object)[0]), place);
  }
</script>

{#if part.edit && site.open}
  {@const edit = part.edit}
  {@const form = formOf(edit.object, edit.field)}
  <TokenPopover
    bind:open={keeping.open}
    bind:button={keeping.token}
    label="{part.text}: change"
    text={keeping.said ?? part.text}
    class={STYLES[part.style]}
  >
    {#snippet children(close)}
      {#if form}
        <ValueEditor
          close={() => keeping.leave()}
          refused={keeping.refused}
          {form}
          kind={splitRef(edit.object)[0]}
          object={edit.object}
          at={edit.field}
          value={edit.value || undefined}
          save={(value, anyway, title) => {
            const wish = { set: { object: edit.object, field: edit.field, value: value ?? null } };
            return keeping.keep(form, value, title, () =>
              anyway ? site.changeAnyway(wish) : site.change(wish),
            );
          }}
          make={form.makes.length
            ? (kind, name) => {
                close();
                const known = all.of(kind);
                const place = { object: edit.object, at: edit.field, byKey: form.byKey };
                if (known) makeAt(known, name, place).catch(site.fail.bind(site));
              }
            : undefined}
        />
      {/if}
    {/snippet}
  </TokenPopover>
{:else}
  <span class={STYLES[part.style]}
    >{part.text}{#if ENDS.includes(part.style)}&nbsp;<EndMark kind={part.style} />{/if}</span
  >
{/if}
