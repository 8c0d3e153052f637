<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { live } from '../../app/live.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import { screenFor, screenOf } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Empty from '../../lib/ui/Empty.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import RemoveDialog from '../objects/RemoveDialog.svelte';
  import { creating } from './creating.svelte';
  import { step, usualOf } from './fields';
  import { kinds } from './kinds.svelte';
  import BenchCall from './parts/BenchCall.svelte';
  import Node from './parts/Node.svelte';
  import RenameDialog from './RenameDialog.svelte';
  import SheetSide from './parts/SheetSide.svelte';
  import { Sheet } from './sheet.svelte';

  const all = kinds();
  const kind = $derived(address.rest[0] ?? '');
  const key = $derived(address.rest[1] ?? '');
  const query = askPlan(() => ({
    key: ['object', kind, key],
    ask: (signal) => api.object(address.site, address.plan, kind, key, signal),
  }));
  const known = $derived(all.of(kind));
  const passed = $derived(known?.passed ?? false);
  const view = $derived(query.data?.object === `${kind}/${key}` ? query.data : undefined);
  const sheet = new Sheet(() => view);

  /** Each field, and what stands under names of the object's own: of a prompt the words in each language. */
  const rows = $derived.by(() => {
    const fields = known?.fields.map((field) => ({ name: field.name, title: field.title, field })) ?? [];
    const each = known?.each;
    if (!each) return fields;
    const given = Object.keys((view?.body ?? {}) as object);
    const names = [...new Set([...(site.view?.languages ?? []), ...given])];
    return [
      ...fields,
      ...names
        .filter((name) => fields.every((one) => one.name !== name))
        .map((name) => ({ name, title: `${each.title} ${name}`, field: each })),
    ];
  });

  let renaming = $state(false);
  let removing = $state(false);
  let focused = $state('');
  const by = $derived(live.changed.get(`${kind}/${key}`));
  const screen = $derived(screenOf(address.screen) ?? screenFor(kind));
</script>

{#if query.isError && !view}
  <Empty title={saysOf(query.error).join(' ')}>
    <a class="link" href={address.to(screen.name)}>To {screen.title}</a>
  </Empty>
{:else if view && known}
  <ScreenFrame title={view.title}>
    {#snippet over()}
      <p class="text-xs text-muted">
        <a class="underline decoration-dotted" href={address.to(screen.name)}>{screen.title}</a> · {view.kind} ·
        {#if sheet.open && !known.single}
          <button class="token font-mono" title="Rename" onclick={() => (renaming = true)}
            >{view.object}</button
          >
        {:else}<span class="font-mono">{view.object}</span>{/if}
        {#if by}<span class="ml-2 bg-wash px-1 font-semibold text-water">just changed by {by}</span>{/if}
      </p>
    {/snippet}
    {#snippet actions()}
      {#if sheet.open && !known.single}
        <button class="link" onclick={() => creating.begin(kind, { like: key })}>Copy</button>
        <button class="link" onclick={() => (renaming = true)}>Rename</button>
        <button class="link" onclick={() => (removing = true)}>Remove</button>
      {/if}
    {/snippet}
    {#snippet side()}
      <SheetSide {view} {kind} {passed} />
    {/snippet}
    <div class="border-y border-line bg-panel" role="list" aria-label="Fields">
      {#each rows as { name, title, field } (name)}
        <div
          role="listitem"
          class="grid grid-cols-[9rem_1fr] gap-x-3 border-b border-line px-5 py-1.5 last:border-b-0 xl:grid-cols-[9rem_1fr_16rem] {focused ===
          name
            ? 'bg-wash/60'
            : ''}"
          onfocusin={() => (focused = name)}
          onpointerenter={() => (focused = name)}
        >
          <span class="text-muted">{title}</span>
          <span class="min-w-0"><Node {sheet} form={field} at={step(name)} label={title} /></span>
          <span
            class="text-xs leading-4 text-muted max-xl:col-start-2 {focused === name ? '' : 'max-xl:hidden'}"
            >{field.help}{field.usual !== undefined && focused === name
              ? ` Usual: ${usualOf(field)}.`
              : ''}</span
          >
        </div>
      {/each}
    </div>
    {#if screen.bench && (passed || view.uses.length)}
      <BenchCall
        objects={passed ? [view.object] : view.uses.map((use) => use.object)}
        title={view.title}
        {passed}
      />
    {/if}
  </ScreenFrame>
  <RenameDialog bind:open={renaming} object={view.object} title={view.title} allowed={known.key} />
  <RemoveDialog bind:open={removing} object={view.object} title={view.title} uses={view.uses} />
{:else}
  <p class="p-6 text-muted" role="status">{site.wrong ? site.says : 'Opening.'}</p>
{/if}
