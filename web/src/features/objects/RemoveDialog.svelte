<script lang="ts">
  import { visit } from '../../app/links';
  import { splitRef } from '../../app/refs';
  import { address } from '../../app/address.svelte';
  import { screenFor } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { UseView } from '../../lib/api/types';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import Finder from '../../lib/ui/Finder.svelte';
  import { fieldAt } from '../sheet/fields';
  import { kinds } from '../sheet/kinds.svelte';
  import { whenOpened } from '../../lib/ui/opened.svelte';

  /** Takes an object away, and asks what is to be put in its place wherever it is used. */
  interface Props {
    open: boolean;
    object: string;
    title: string;
    uses?: UseView[];
  }
  let { open = $bindable(), object, title, uses }: Props = $props();

  const known = kinds();
  const FEW = 12;
  let found = $state.raw<UseView[]>([]);
  let instead = $state<{ value: string; title: string } | undefined>();
  let wrong = $state.raw<string[]>([]);
  const all = $derived(uses ?? found);

  whenOpened(
    () => open,
    () => {
      instead = undefined;
      wrong = [];
      const [kind, key] = splitRef(object);
      if (!uses && kind && key) {
        api.object(address.site, address.plan, kind, key).then(
          (view) => (found = view.uses),
          (failure) => (wrong = saysOf(failure)),
        );
      }
    },
  );

  /** What can stand in the first place where it is used: the server knows, slot by slot. */
  async function search(find: string, signal: AbortSignal) {
    const use = all[0];
    if (!use) return [];
    const [kind] = splitRef(use.object);
    const choices = await api.choices(address.site, address.plan, { kind, at: use.at, find }, signal);
    // Where only keys stand, what is chosen is of the kind of what goes.
    const byKey = fieldAt(known.of(kind), use.at)?.byKey ?? false;
    return choices
      .map((one) =>
        byKey && !one.value.includes('/') ? { ...one, value: `${splitRef(object)[0]}/${one.value}` } : one,
      )
      .filter((one) => one.value !== object);
  }

  async function remove(event: Event) {
    event.preventDefault();
    try {
      await site.change({ remove: { object, instead: instead?.value ?? null } });
      open = false;
      if (address.rest.join('/') === object) {
        visit(address.to(screenFor(splitRef(object)[0]).name));
      }
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<Dialog bind:open title="Remove {title}">
  <form onsubmit={remove}>
    {#if all.length}
      <p>It is used in {all.length === 1 ? 'one place' : `${all.length} places`}:</p>
      <ul class="my-2 list-disc pl-5">
        {#each all.slice(0, FEW) as use (use.object + use.at)}<li>
            {use.title} <span class="text-muted">{use.kind}, {use.field}</span>
          </li>{/each}
        {#if all.length > FEW}<li class="text-muted">and {all.length - FEW} more</li>{/if}
      </ul>
      <p>
        In its place: <b>{instead?.title ?? 'nothing, which leaves holes'}</b>
        {#if instead}<button type="button" class="link" onclick={() => (instead = undefined)}>nothing</button
          >{/if}
      </p>
      <div class="mt-2">
        <Finder label="Put in its place" {search} choose={(value, title) => (instead = { value, title })} />
      </div>
    {:else}
      <p>Nothing leads to it.</p>
    {/if}
    <div role="alert">
      {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
    </div>
    <p class="mt-3 flex justify-end gap-2">
      <button type="button" class="plain" onclick={() => (open = false)}>Keep it</button>
      <button class="primary">{all.length && !instead ? 'Remove and leave holes' : 'Remove'}</button>
    </p>
  </form>
</Dialog>
