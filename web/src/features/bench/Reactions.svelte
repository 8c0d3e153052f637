<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { splitRef } from '../../app/refs';
  import { askPlan } from '../../app/queries.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import { bench } from './bench.svelte';
  import { nameOf, plain, type Quick, type Setting } from './reactions';

  /** What each phone, switch, agent or queue does on the bench, one time after another. */
  let { setting }: { setting: Setting } = $props();

  let find = $state('');
  let positions = $state<Record<string, Quick[]>>({});
  let wrong = $state('');
  const found = askPlan(() => ({
    key: ['find', setting.kind, find.trim()],
    ask: (signal) => api.find(address.site, address.plan, { find: find.trim(), kind: setting.kind }, signal),
  }));

  // Each switch has positions of its own.
  $effect(() => {
    if (setting.kind !== 'switch') return;
    for (const one of found.data ?? []) {
      const [kind, key] = splitRef(one.value);
      api.object(address.site, address.plan, kind, key).then(
        (view) => {
          const names = (view.body as { positions?: string[] }).positions ?? [];
          positions[key] = names.map((value) => ({ value, title: value }));
        },
        (failure) => (wrong = saysOf(failure).join(' ')),
      );
    }
  });

  function quick(key: string): Quick[] {
    return positions[key] ?? setting.quick;
  }
</script>

<p class="text-muted">{setting.help}</p>
{#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
<input
  class="mt-1 w-full"
  bind:value={find}
  placeholder="Find by number or name"
  aria-label="Find by number or name"
/>
<ul class="mt-2 max-h-72 overflow-auto">
  {#each found.data ?? [] as one (one.value)}
    {@const name = nameOf(setting, one.value)}
    {@const state = bench.of(setting.list, name) ?? ''}
    <li class="flex items-center gap-2 py-1">
      <span class="w-28 grow truncate" title={one.title}>{one.title}</span>
      <input
        class="w-36 font-mono text-[13px]"
        value={state}
        placeholder={setting.usual}
        aria-label="{one.title}: reactions in order"
        title={setting.example}
        autocomplete="off"
        onchange={(event) => bench.put(setting.list, name, event.currentTarget.value.trim())}
      />
      <select
        aria-label="{one.title} is"
        value={plain(state, quick(name))}
        onchange={(event) =>
          event.currentTarget.value !== 'other' && bench.put(setting.list, name, event.currentTarget.value)}
      >
        <option value="">{setting.usual}</option>
        {#each quick(name) as choice (choice.value)}<option value={choice.value}>{choice.title}</option
          >{/each}
        <option value="other">as written</option>
      </select>
    </li>
  {:else}
    <li class="text-muted">{found.isSuccess ? 'Nothing is called that.' : 'Looking.'}</li>
  {/each}
</ul>
<p class="mt-2 text-xs text-muted">{setting.example}</p>
