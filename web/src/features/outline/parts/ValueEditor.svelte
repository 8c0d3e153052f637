<script lang="ts">
  import { Refused } from '../../../lib/api/client';
  import type { TokenView, Wish } from '../../../lib/api/types';

  interface Props {
    token: TokenView;
    save: (wishes: Wish[]) => Promise<void>;
  }
  let { token, save }: Props = $props();

  // What is typed starts from the value and is then the technician's, whatever arrives meanwhile.
  // svelte-ignore state_referenced_locally
  let typed = $state(token.value);
  let wrong = $state<string[]>([]);
  let busy = $state(false);

  const counts = $derived(token.type === 'count');
  const long = $derived(token.type === 'script');

  async function submit(event: Event) {
    event.preventDefault();
    const text = typed.trim();
    const value = counts && /^\d+$/.test(text) ? Number(text) : text;
    busy = true;
    try {
      await save([{ set: { object: token.object, field: token.field, value } }]);
    } catch (failure) {
      wrong = failure instanceof Refused ? failure.says : [String(failure)];
    } finally {
      busy = false;
    }
  }

  function entered(event: KeyboardEvent) {
    if (event.key === 'Enter' && !event.shiftKey) void submit(event);
  }
</script>

<form onsubmit={submit}>
  <label class="block text-muted" for="value">{token.help}</label>
  <div class="mt-2 flex items-start gap-2">
    {#if long}
      <textarea
        id="value"
        class="grow"
        rows="4"
        bind:value={typed}
        onkeydown={entered}
        aria-invalid={wrong.length > 0}
        aria-describedby="value-wrong"></textarea>
    {:else}
      <input
        id="value"
        class="grow font-mono"
        bind:value={typed}
        autocomplete="off"
        aria-invalid={wrong.length > 0}
        aria-describedby="value-wrong"
      />
    {/if}
    <button class="primary" disabled={busy}>Keep</button>
  </div>
  <div id="value-wrong" role="alert">
    {#each wrong as one (one)}<p class="wrong mt-2">{one}</p>{/each}
  </div>
</form>
