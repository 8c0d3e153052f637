<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { askPlan } from '../../../app/queries.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { LineView, TypedNumber, Wish } from '../../../lib/api/types';
  import { TypedText } from '../../../lib/typedText.svelte';
  import Dialog from '../../../lib/ui/Dialog.svelte';
  import Finder from '../../../lib/ui/Finder.svelte';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';

  /** Numbers pasted in any spelling: what was understood of each line, then one destination for all, or each its own. */
  let { open = $bindable() }: { open: boolean } = $props();

  interface Target {
    value: string;
    title: string;
  }

  const trunks = askPlan(() => ({
    key: ['objects', 'trunk'],
    ask: (signal) => api.objects(address.site, address.plan, 'trunk', { rows: 200 }, signal),
    on: open,
  }));
  const pasted = new TypedText(() => `numbers/${address.site}`);
  let trunk = $state('');
  let lines = $state.raw<LineView[]>([]);
  let wrong = $state.raw<string[]>([]);
  let all = $state.raw<Target | undefined>();
  let own = $state.raw<ReadonlyMap<string, Target>>(new Map());
  const on = $derived(trunk || trunks.data?.rows[0]?.object || '');

  $effect(() => {
    if (!open) return;
    const asked = new AbortController();
    const [typed, by] = [pasted.text, on];
    if (!typed.trim()) {
      lines = [];
      return;
    }
    api.readNumbers(address.site, address.plan, typed, { trunk: by }, asked.signal).then(
      (view) => (lines = view.lines),
      (failure) => {
        if (!asked.signal.aborted) wrong = saysOf(failure);
      },
    );
    return () => asked.abort();
  });

  interface Fresh {
    number: TypedNumber;
    name: string;
  }
  const fresh = $derived(
    lines.flatMap((line) =>
      line.numbers
        .filter((one) => !one.known)
        .map((number): Fresh => ({ number, name: nameOf(line, number) })),
    ),
  );

  /** Of a block each number is called by the block's name and its last digits; without a name it is the number as it is written. */
  function nameOf(line: LineView, number: TypedNumber): string {
    if (!line.name) return number.shown;
    return line.numbers.length === 1 ? line.name : `${line.name} ${number.number.slice(-3)}`;
  }

  function search(find: string, signal: AbortSignal) {
    return api.choices(address.site, address.plan, { kind: 'route', at: '/to', find }, signal);
  }

  function wishes(): Wish[] {
    return fresh.flatMap(({ number, name }): Wish[] => {
      const to = own.get(number.number) ?? all;
      const digits = number.number.slice(1);
      return [
        {
          create: {
            object: 'number/' + number.number,
            body: { name, ...(on ? { trunk: on.slice('trunk/'.length) } : {}) },
          },
        },
        ...(to
          ? [
              {
                create: {
                  object: 'route/to-' + digits,
                  body: { name, called: number.number, to: to.value },
                },
              },
            ]
          : []),
      ];
    });
  }

  async function make() {
    try {
      wrong = [];
      await site.change(...wishes());
      pasted.text = '';
      own = new Map();
      open = false;
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<Dialog
  bind:open
  wide
  title="Numbers, as you have them"
  about="A line each, in any spelling, with or without a name: 01632 960100 Main line, +44 1632 960144, or a block such as 01632 960200-209."
>
  <textarea class="w-full font-mono text-[13px]" rows="4" bind:value={pasted.text} aria-label="Numbers"
  ></textarea>
  <p class="mt-2 flex flex-wrap items-center gap-3">
    {#if trunks.data?.rows.length}
      <label
        >They come in on <select value={on} onchange={(event) => (trunk = event.currentTarget.value)}>
          {#each trunks.data.rows as one (one.object)}<option value={one.object}>{one.title}</option>{/each}
        </select></label
      >
    {:else if trunks.isSuccess}<span class="text-muted">No trunk yet; they can be put on one later.</span
      >{/if}
    <span
      >and go to
      <TokenPopover
        label="All go to"
        text={all?.title ?? 'nowhere yet'}
        class={all ? 'font-semibold' : 'text-muted'}
      >
        {#snippet children(close)}
          <Finder
            label="Where calls to all of them go"
            {search}
            choose={(value, title) => {
              all = { value, title };
              close();
            }}
          />
        {/snippet}
      </TokenPopover></span
    >
  </p>
  {#if lines.length}
    <div class="mt-2 max-h-64 overflow-auto border-y border-line">
      <table class="w-full border-collapse text-[13px]">
        <tbody>
          {#each lines as line (line.line)}
            {#if line.wrong}
              <tr class="border-b border-line"
                ><td class="py-0.5 text-clay" colspan="4">line {line.line}: {line.wrong}</td></tr
              >
            {/if}
            {#each line.numbers as number (number.number)}
              <tr class="border-b border-line align-top">
                <td class="py-0.5 pr-2 font-mono whitespace-nowrap">{number.shown}</td>
                <td class="py-0.5 pr-2">{nameOf(line, number)}</td>
                <td class="py-0.5 pr-2 text-muted"
                  >{#if number.known}in the plan already{:else if number.clash}<span class="text-clay"
                      >arrives as {number.arrives}, as {number.clash} does</span
                    >{:else if number.arrives}arrives as <span class="font-mono">{number.arrives}</span
                    >{/if}</td
                >
                <td class="py-0.5"
                  >{#if !number.known}
                    <TokenPopover
                      label="{number.shown} goes to"
                      text={own.get(number.number)?.title ?? (all ? 'as all' : 'nowhere yet')}
                      class={own.has(number.number) ? 'font-semibold' : 'text-muted'}
                    >
                      {#snippet children(close)}
                        <Finder
                          label="Where calls to it go"
                          {search}
                          choose={(value, title) => {
                            own = new Map(own).set(number.number, { value, title });
                            close();
                          }}
                        />
                      {/snippet}
                    </TokenPopover>
                  {/if}</td
                >
              </tr>
            {/each}
          {/each}
        </tbody>
      </table>
    </div>
  {/if}
  <div role="alert">
    {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
  </div>
  <p class="mt-2 text-right">
    <button class="primary" disabled={!fresh.length} onclick={() => void make()}
      >Make {fresh.length}
      {fresh.length === 1 ? 'inbound number' : 'inbound numbers'}{all || own.size
        ? ' and routes'
        : ''}</button
    >
  </p>
</Dialog>
