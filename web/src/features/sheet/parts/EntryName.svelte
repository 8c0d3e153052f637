<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { site } from '../../../app/site.svelte';
  import * as api from '../../../lib/api/endpoints';
  import { saysOf } from '../../../lib/api/client';
  import type { Choice, FieldView } from '../../../lib/api/types';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';
  import { step } from '../fields';
  import { kinds } from '../kinds.svelte';
  import { makeAt } from '../making';
  import type { Sheet } from '../sheet.svelte';
  import ValueEditor from './ValueEditor.svelte';
  import { whenOpened } from '../../../lib/ui/opened.svelte';

  /** Adds an entry to a map: first its name, then what stands there. */
  interface Props {
    sheet: Sheet;
    form: FieldView;
    each: FieldView;
    at: string;
    label: string;
  }
  let { sheet, form, each, at, label }: Props = $props();

  const all = kinds();
  let name = $state('');
  let typed = $state('');
  let open = $state(false);
  let names = $state.raw<Choice[]>([]);
  let wrong = $state('');

  whenOpened(
    () => open,
    () => {
      name = '';
      typed = '';
      api.names(address.site, address.plan, { object: sheet.object, field: form.name }).then(
        (all) => (names = all),
        (failure) => (wrong = saysOf(failure).join(' ')),
      );
    },
  );
</script>

<TokenPopover
  bind:open
  label="{label}: add"
  text="+ {each.title.toLowerCase() || 'entry'}"
  class="no-print text-water"
>
  {#snippet children(close)}
    {#if !name}
      <p class="text-muted">{each.help}</p>
      {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
      <p class="mt-2 flex flex-wrap gap-1.5">
        {#each names as one (one.value)}
          <button class="plain" onclick={() => (name = one.value)}
            >{one.value}{one.title !== one.value ? ` ${one.title}` : ''}</button
          >
        {/each}
      </p>
      <form
        class="mt-2 flex gap-2"
        onsubmit={(event) => {
          event.preventDefault();
          name = typed.trim();
        }}
      >
        <input class="grow font-mono" bind:value={typed} aria-label="Name of the entry" autocomplete="off" />
        <button class="plain">Go on</button>
      </form>
    {:else}
      <p class="mb-2 font-mono font-semibold">{name}</p>
      <ValueEditor
        {close}
        form={each}
        kind={sheet.kind}
        object={sheet.object}
        at={at + step(name)}
        value={undefined}
        save={async (wanted) => {
          await sheet.set(at + step(name), wanted ?? {});
          close();
        }}
        make={each.makes.length
          ? (kind, called) => {
              close();
              const known = all.of(kind);
              const place = { object: sheet.object, at: at + step(name), byKey: each.byKey };
              if (known) makeAt(known, called, place).catch(site.fail.bind(site));
            }
          : undefined}
      />
    {/if}
  {/snippet}
</TokenPopover>
