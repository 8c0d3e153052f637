<script lang="ts">
  import { sheetOf, visit } from '../../app/links';
  import { tick } from 'svelte';
  import { address } from '../../app/address.svelte';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { FieldView, FreshView, Wish } from '../../lib/api/types';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import TokenPopover from '../../lib/ui/TokenPopover.svelte';
  import { creating } from './creating.svelte';
  import { fieldAt, valueOf } from './fields';
  import { kinds } from './kinds.svelte';
  import ChooseSeveral from './parts/ChooseSeveral.svelte';
  import FieldsForm from './parts/FieldsForm.svelte';
  import Leaf from './parts/Leaf.svelte';
  import ValueEditor from './parts/ValueEditor.svelte';
  import { whenOpened } from '../../lib/ui/opened.svelte';

  /** Makes an object: its name, its number, its key, and what it must lead to, which can be made there and then. */
  const all = kinds();
  let fresh = $state.raw<FreshView | undefined>();
  let name = $state('');
  let number = $state('');
  let key = $state('');
  let keyTyped = $state(false);
  let asked = $state<Record<string, unknown>>({});
  let choosing = $state('');
  /** What it is to lead to, made with it in one edit. */
  let nested = $state.raw<{ kind: string; at: string } | undefined>();
  let also = $state.raw<Wish[]>([]);
  /** What the references that have been chosen are called. */
  let titles = $state<Record<string, string>>({});
  let nestedName = $state('');
  let wrong = $state.raw<string[]>([]);
  let busy = $state(false);
  let beginning: Promise<void> = Promise.resolve();
  /** The key that the name will have. */
  let following: Promise<void> = Promise.resolve();

  const known = $derived(all.of(creating.kind));
  const named = $derived(known?.fields.some((field) => field.name === 'name') ?? false);
  const numbered = $derived(known?.fields.some((field) => field.name === 'number') ?? false);
  const asks = $derived(
    (fresh?.asks ?? []).flatMap((at) => {
      const field = fieldAt(known, at);
      return field ? [{ at, field }] : [];
    }),
  );

  whenOpened(
    () => creating.open,
    () => {
      fresh = undefined;
      asked = { ...creating.values };
      wrong = [];
      keyTyped = creating.key !== '';
      nested = undefined;
      also = [];
      titles = {};
      name = creating.name;
      number = creating.number;
      key = creating.key;
      beginning = begin(creating.kind, creating.like, creating.name);
      void tick().then(() => document.getElementById('new-name')?.focus());
    },
  );

  async function begin(kind: string, like: string | undefined, called: string) {
    try {
      fresh = await api.fresh(address.site, address.plan, kind, { like, name: called });
      const body = fresh.body as Record<string, unknown>;
      // What has been typed meanwhile stays.
      if (name === called) name = String(body['name'] ?? called);
      if (!number) number = String(body['number'] ?? '');
      if (!keyTyped) key = fresh.key;
      if (name !== called) await renamed();
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }

  function idOf(at: string): string {
    return 'new' + at.replaceAll('/', '-');
  }

  /** The key follows the name until somebody types one. */
  async function renamed() {
    if (keyTyped || !fresh || known?.keys !== 'words') return;
    const asked = name;
    const again = await api.fresh(address.site, address.plan, creating.kind, { name });
    if (!keyTyped && asked === name) key = again.key;
  }

  function put(body: Record<string, unknown>, at: string, value: unknown) {
    const steps = at.split('/').slice(1);
    let inside = body;
    for (const one of steps.slice(0, -1)) {
      inside[one] = { ...((inside[one] as object | undefined) ?? {}) };
      inside = inside[one] as Record<string, unknown>;
    }
    const last = steps.at(-1);
    if (last !== undefined) inside[last] = value;
  }

  async function make(event?: Event) {
    event?.preventDefault();
    // Who is quicker than the server has pressed Enter all the same.
    await beginning;
    await following;
    if (!fresh) return;
    const body = { ...(fresh.body as Record<string, unknown>) };
    if (named && name.trim()) body['name'] = name.trim();
    else delete body['name'];
    if (numbered && number.trim()) body['number'] = number.trim();
    else delete body['number'];
    for (const [at, value] of Object.entries(asked))
      if (value !== undefined && value !== '') put(body, at, value);
    const object = `${creating.kind}/${key.trim()}`;
    busy = true;
    try {
      await site.change(...also, { create: { object, body } });
      creating.open = false;
      if (creating.then) creating.then(object);
      else visit(sheetOf(object));
    } catch (failure) {
      wrong = saysOf(failure);
    } finally {
      busy = false;
    }
  }

  /** What this one leads to is made with it: a name is enough, its sheet has the rest. */
  async function makeNested() {
    if (!nested) return;
    const { kind, at } = nested;
    try {
      const made = await api.fresh(address.site, address.plan, kind, { name: nestedName });
      const object = `${kind}/${made.key}`;
      also = [...also, { create: { object, body: made.body } }];
      asked[at] = object;
      titles[at] = `new ${kind.replaceAll('-', ' ')} ${nestedName}`;
      nested = undefined;
      wrong = [];
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }

  function said(at: string, field: FieldView): string {
    const value = asked[at];
    if (value === undefined || value === '') return field.needed ? 'needed' : 'nothing yet';
    return titles[at] ?? String(value);
  }
</script>

<Dialog
  bind:open={creating.open}
  title={creating.like ? `Copy of a ${known?.title ?? ''}` : `New ${known?.title ?? ''}`}
  wide
>
  <form onsubmit={make}>
    <div class="grid grid-cols-[8rem_minmax(0,1fr)] items-start gap-x-3 gap-y-2">
      {#if named}
        <label class="pt-1 text-muted" for="new-name">Name</label>
        <input
          id="new-name"
          class="w-full"
          bind:value={name}
          oninput={() => (following = renamed())}
          autocomplete="off"
        />
      {/if}
      {#if numbered}
        <label class="pt-1 text-muted" for="new-number">Number</label>
        <input id="new-number" class="w-40 font-mono" bind:value={number} autocomplete="off" />
      {/if}
      {#if known}
        <label class="pt-1 text-muted" for="new-key">{known.keys === 'words' ? 'Key' : 'Number'}</label>
        <span>
          <input
            id="new-key"
            class="w-full font-mono"
            bind:value={key}
            oninput={() => (keyTyped = true)}
            autocomplete="off"
          />
          <span class="text-xs text-muted">{known.key}.</span>
        </span>
      {/if}
      {#each asks as { at, field } (at)}
        <label class="pt-1 text-muted" for={idOf(at)}>{field.title}</label>
        <div>
          {#if field.fields.length && field.types.length === 1}
            <FieldsForm
              form={field}
              kind={creating.kind}
              {at}
              value={asked[at]}
              save={(value) => (asked[at] = value)}
              inner={(value) => (asked[at] = Object.keys(value).length ? value : undefined)}
            />
          {:else if field.types.includes('list')}
            {#if field.each && field.each.fields.length && !field.each.types.includes('text')}
              <FieldsForm
                form={field.each}
                kind={creating.kind}
                at={at + '/0'}
                value={undefined}
                save={(value) => (asked[at] = [value])}
                inner={(value) => (asked[at] = Object.keys(value).length ? [value] : undefined)}
              />
            {:else if field.each?.strict}
              <ChooseSeveral
                form={field}
                each={field.each}
                kind={creating.kind}
                {at}
                bind:values={
                  () => (asked[at] as string[] | undefined) ?? [],
                  (values) => (asked[at] = values.length ? values : undefined)
                }
                id={idOf(at)}
              />
            {:else}
              <textarea
                id={idOf(at)}
                class="w-full font-mono"
                rows="2"
                placeholder="one a line"
                oninput={(event) => {
                  const lines = event.currentTarget.value.split('\n').filter((line) => line.trim());
                  asked[at] = lines.length
                    ? lines.map((line) => (field.each ? valueOf(field.each, line) : line))
                    : undefined;
                }}></textarea>
            {/if}
          {:else if field.strict}
            <TokenPopover
              label="{field.title}: choose"
              text={said(at, field)}
              bind:open={() => choosing === at, (now) => (choosing = now ? at : '')}
              class={asked[at] === undefined ? 'text-muted' : 'font-semibold'}
            >
              <ValueEditor
                form={field}
                kind={creating.kind}
                object={`new ${creating.kind}`}
                {at}
                value={asked[at]}
                save={async (value, _, title) => {
                  asked[at] = value ?? undefined;
                  if (title) titles[at] = title;
                  choosing = '';
                }}
                make={field.makes.length
                  ? (kind, called) => {
                      choosing = '';
                      nested = { kind, at };
                      nestedName = called;
                    }
                  : undefined}
              />
            </TokenPopover>
          {:else}
            <Leaf
              form={field}
              kind={creating.kind}
              {at}
              bind:text={
                () => String(asked[at] ?? ''),
                (text) => (asked[at] = text === '' ? undefined : valueOf(field, text))
              }
              id={idOf(at)}
              onentered={() => void make()}
            />
          {/if}
          <span class="text-xs text-muted"
            >{field.help}{field.strict || field.types.includes('list')
              ? ''
              : ` Allowed: ${field.allowed}.`}</span
          >
        </div>
      {/each}
    </div>
    {#if nested}
      <div class="mt-3 border-l-4 border-reed bg-paper px-3 py-2">
        <label class="block" for="nested-name"
          >New {nested.kind.replaceAll('-', ' ')}, and this leads to it</label
        >
        <p class="mt-1 flex gap-2">
          <input
            id="nested-name"
            class="grow"
            bind:value={nestedName}
            onkeydown={(event) => {
              if (event.key === 'Enter') {
                event.preventDefault();
                void makeNested();
              }
            }}
          />
          <button type="button" class="plain" onclick={() => void makeNested()}>Make it</button>
          <button type="button" class="plain" onclick={() => (nested = undefined)}>Not now</button>
        </p>
      </div>
    {/if}
    <div role="alert">
      {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
    </div>
    <p class="mt-3 flex justify-end gap-2">
      <button type="button" class="plain" onclick={() => (creating.open = false)}>Not now</button>
      <button class="primary" disabled={busy}>{creating.like ? 'Copy' : 'Make it'}</button>
    </p>
  </form>
</Dialog>
