<script lang="ts">
  import { site } from '../../app/site.svelte';
  import { api } from '../../lib/api/client';
  import type { Target } from '../../lib/api/types';
  import { bench } from './bench.svelte';

  let find = $state('');
  let people = $state.raw<Target[]>([]);

  $effect(() => {
    const path = site.path(`/targets?find=${encodeURIComponent(find)}&kind=extension`);
    api.get<Target[]>(path).then((found) => (people = found), site.fail.bind(site));
  });

  const DEFAULT_ANSWER = 'answers 6s';

  function choose(number: string, state: string) {
    bench.setPhone(number, state === 'answers' ? DEFAULT_ANSWER : state);
  }
</script>

<label class="block text-muted" for="find-phone">What each phone does when it is called.</label>
<input id="find-phone" class="mt-1 w-full" bind:value={find} placeholder="Find by number or name" />
<ul class="mt-2 max-h-72 overflow-auto">
  {#each people as person (person.value)}
    {@const number = person.number ?? ''}
    {@const state = bench.phone(number)}
    {@const answers = /^answers \d+s$/.test(state)}
    <li class="flex items-center gap-2 py-1">
      <span class="grow truncate">{person.title}</span>
      {#if answers}
        <input
          type="number"
          min="0"
          max="600"
          class="w-16 font-mono"
          aria-label="Seconds of ringing before {person.title} answers"
          value={state.replace(/\D/g, '')}
          oninput={(event) =>
            event.currentTarget.value && bench.setPhone(number, `answers ${event.currentTarget.value}s`)}
        />
        <span>s</span>
      {/if}
      <select
        aria-label="{person.title} is"
        value={answers ? 'answers' : state}
        onchange={(event) => choose(number, event.currentTarget.value)}
      >
        <option value="silent">silent</option>
        <option value="answers">answers after</option>
        <option value="busy">busy</option>
        <option value="off">off</option>
        {#if !answers && !['silent', 'busy', 'off'].includes(state)}
          <option value={state}>{state}</option>
        {/if}
      </select>
    </li>
  {:else}
    <li class="text-muted">No extension is called that.</li>
  {/each}
</ul>
