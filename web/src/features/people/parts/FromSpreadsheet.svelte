<script lang="ts">
  import { address } from '../../../app/address.svelte';
  import { site } from '../../../app/site.svelte';
  import { saysOf } from '../../../lib/api/client';
  import * as api from '../../../lib/api/endpoints';
  import type { KindView, Wish } from '../../../lib/api/types';
  import { TypedText } from '../../../lib/typedText.svelte';
  import Dialog from '../../../lib/ui/Dialog.svelte';
  import { takesLeaf, valueOf } from '../../sheet/fields';

  /** New objects pasted from a spreadsheet: a line each, the first of them naming the fields, shown before they are made. */
  let { open = $bindable(), kind }: { open: boolean; kind: KindView } = $props();

  const MOST = 50;
  const SOON = 100;
  const EXAMPLE = '2030\tKari Nes\n2031\tJohn Firth';
  const pasted = new TypedText(() => `spreadsheet/${address.site}/${kind.kind}`);
  let wrong = $state.raw<string[]>([]);

  const fields = $derived(kind.fields.filter(takesLeaf));
  const lines = $derived(
    pasted.text
      .replace(/\r/g, '')
      .split('\n')
      .map((line, at) => ({ line: at + 1, cells: line.split(/\t|;/).map((cell) => cell.trim()) }))
      .filter(({ cells }) => cells.some(Boolean)),
  );
  const named = $derived((lines[0]?.cells ?? []).map((cell) => fieldOf(cell)));
  /** A first line of names says what stands under each; without one it is number and name. */
  const headed = $derived(named.length > 0 && named.every((one) => one !== undefined));
  const columns = $derived(headed ? named : ['key', 'name']);
  const rows = $derived(headed ? lines.slice(1) : lines);
  /** The lines that are wrong first, so that none is out of sight. */
  const shown = $derived.by(() => {
    const all = rows.map((row, index) => ({ ...row, index }));
    const wrongFirst = [
      ...all.filter(({ index }) => against[index]?.length),
      ...all.filter(({ index }) => !against[index]?.length),
    ];
    return wrongFirst.slice(0, MOST);
  });

  /** What speaks against each line, asked while it is typed or pasted. */
  let against = $state.raw<string[][]>([]);
  const bad = $derived(against.filter((line) => line.length).length);

  $effect(() => {
    if (!open) return;
    const asked = new AbortController();
    const asking = rows.map((row) => wishOf(row.cells));
    if (!asking.length) {
      against = [];
      return;
    }
    // Once for what is typed quickly: each question tries every line.
    const soon = setTimeout(() => {
      api.tried(address.site, { wishes: asking }, asked.signal).then(
        (view) => {
          against = view.against;
          wrong = [];
        },
        (failure) => {
          if (!asked.signal.aborted) wrong = saysOf(failure);
        },
      );
    }, SOON);
    return () => {
      clearTimeout(soon);
      asked.abort();
    };
  });

  function fieldOf(title: string): string | undefined {
    const plain = title.toLowerCase();
    if (plain === 'number' || plain === 'key' || plain === kind.title) return 'key';
    return fields.find((field) => field.name.toLowerCase() === plain || field.title.toLowerCase() === plain)
      ?.name;
  }

  function wishOf(cells: string[]): Wish {
    const body: Record<string, unknown> = {};
    columns.forEach((column, index) => {
      const field = fields.find((one) => one.name === column);
      const cell = cells[index];
      if (field && cell) body[field.name] = valueOf(field, cell);
    });
    return { create: { object: `${kind.kind}/${cells[columns.indexOf('key')] ?? ''}`, body } };
  }

  async function make(event: Event) {
    event.preventDefault();
    try {
      wrong = [];
      await site.change(...rows.map((row) => wishOf(row.cells)));
      pasted.text = '';
      open = false;
    } catch (failure) {
      wrong = saysOf(failure);
    }
  }
</script>

<Dialog
  bind:open
  wide
  title="New {kind.several} from a spreadsheet"
  about="Paste lines of number and name; or with a first line that names the fields, such as Number, Name, Rings for, Mailbox. They are made as one edit, or none is."
>
  <form onsubmit={make}>
    <textarea
      class="w-full font-mono text-[13px]"
      rows="6"
      bind:value={pasted.text}
      aria-label="Lines of a spreadsheet"
      placeholder={EXAMPLE}></textarea>
    {#if rows.length}
      <div class="mt-2 max-h-48 overflow-auto">
        <table class="w-full border-collapse text-[13px]">
          <thead
            ><tr class="border-b border-line text-left"
              ><th class="pr-3 font-semibold">line</th>{#each columns as column (column)}<th
                  class="pr-3 font-semibold"
                  >{column === 'key'
                    ? 'number'
                    : (fields.find((one) => one.name === column)?.title ?? column)}</th
                >{/each}<th class="font-semibold" aria-live="polite">{bad ? `${bad} wrong` : ''}</th></tr
            ></thead
          >
          <tbody>
            {#each shown as { line, cells, index } (index)}
              <tr class="border-b border-line"
                ><td class="pr-3 font-mono text-muted">{line}</td>{#each columns as column, place (column)}<td
                    class="pr-3">{cells[place] ?? ''}</td
                  >{/each}<td class={against[index]?.length ? 'wrong' : 'text-muted'}
                  >{against[index]?.join(' ') ?? ''}</td
                ></tr
              >
            {/each}
          </tbody>
        </table>
      </div>
    {/if}
    <div role="alert">
      {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
    </div>
    <p class="mt-2 text-right">
      <button class="primary" disabled={!rows.length || bad > 0}
        >Make {rows.length} {rows.length === 1 ? kind.title : kind.several}</button
      >
    </p>
  </form>
</Dialog>
