<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { askPlan } from '../../app/queries.svelte';
  import * as api from '../../lib/api/endpoints';
  import { bench, type List } from './bench.svelte';
  import { plain, type Quick } from './reactions';

  /** What each phone, switch, agent or queue does on the bench, one time after another. */
  interface Props {
    list: List;
    kind: string;
    /** What stands there in one press. */
    quick: (key: string) => Quick[];
    usual: string;
    help: string;
    example: string;
  }
  let { list, kind, quick, usual, help, example }: Props = $props();

  let find = $state('');
  const found = askPlan(() => ({
    key: ['find', kind, find.trim()],
    ask: (signal) => api.find(address.site, address.plan, { find: find.trim(), kind }, signal),
  }));

  function key(value: string): string {
    return value.slice(value.indexOf('/') + 1);
  }
</script>

<p class="text-muted">{help}</p>
<input
  class="mt-1 w-full"
  bind:value={find}
  placeholder="Find by number or name"
  aria-label="Find by number or name"
/>
<ul class="mt-2 max-h-72 overflow-auto">
  {#each found.data ?? [] as one (one.value)}
    {@const name = key(one.value)}
    {@const state = bench.of(list, name) ?? ''}
    <li class="flex items-center gap-2 py-1">
      <span class="w-28 grow truncate" title={one.title}>{one.title}</span>
      <input
        class="w-36 font-mono text-[13px]"
        value={state}
        placeholder={usual}
        aria-label="{one.title}: reactions in order"
        title={example}
        autocomplete="off"
        onchange={(event) => bench.put(list, name, event.currentTarget.value.trim())}
      />
      <select
        aria-label="{one.title} is"
        value={plain(state, quick(name))}
        onchange={(event) =>
          event.currentTarget.value !== 'other' && bench.put(list, name, event.currentTarget.value)}
      >
        <option value="">{usual}</option>
        {#each quick(name) as choice (choice.value)}<option value={choice.value}>{choice.title}</option
          >{/each}
        <option value="other">as written</option>
      </select>
    </li>
  {:else}
    <li class="text-muted">{found.isSuccess ? 'Nothing is called that.' : 'Looking.'}</li>
  {/each}
</ul>
<p class="mt-2 text-xs text-muted">{example}</p>
