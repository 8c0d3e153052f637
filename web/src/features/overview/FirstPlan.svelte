<script lang="ts">
  import { site } from '../../app/site.svelte';
  import { api, Refused } from '../../lib/api/client';

  let text = $state('');
  let wrong = $state.raw<string[]>([]);

  async function take(event: Event) {
    event.preventDefault();
    try {
      await api.post('/sites', text);
      await site.begin();
    } catch (failure) {
      wrong = failure instanceof Refused ? failure.says : [String(failure)];
    }
  }

  async function read(event: Event) {
    const file = (event.currentTarget as HTMLInputElement).files?.[0];
    if (file) text = await file.text();
  }
</script>

<form class="grow overflow-auto px-6 py-4" onsubmit={take}>
  <h1 class="text-lg font-semibold">No site yet</h1>
  <p class="mt-1">Take in a plan file, YAML or JSON: choose it, or paste it here.</p>
  <input class="mt-3" type="file" accept=".yaml,.yml,.json" aria-label="Plan file" onchange={read} />
  <textarea
    class="mt-3 block h-80 w-full font-mono text-[13px]"
    bind:value={text}
    aria-label="Plan file as text"
    spellcheck="false"></textarea>
  <div role="alert">
    {#each wrong as one (one)}<p class="wrong mt-1">{one}</p>{/each}
  </div>
  <button class="primary mt-3">Take in the plan</button>
</form>
