<script lang="ts">
  import { session } from '../../app/session.svelte';
  import { Refused } from '../../lib/api/client';

  let name = $state('');
  let password = $state('');
  let wrong = $state('');

  async function submit(event: Event) {
    event.preventDefault();
    try {
      await session.signIn(name, password);
    } catch (failure) {
      wrong = failure instanceof Refused ? failure.message : String(failure);
    }
  }
</script>

<main class="mx-auto mt-[18vh] w-80">
  <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
  <h1 class="mt-1 text-muted">Sign in to work on the plan.</h1>
  <form class="mt-6 flex flex-col gap-3" onsubmit={submit}>
    <label class="flex flex-col gap-1"
      >Name <input bind:value={name} autocomplete="username" required /></label
    >
    <label class="flex flex-col gap-1"
      >Password <input
        type="password"
        bind:value={password}
        autocomplete="current-password"
        required
      /></label
    >
    {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
    <button class="primary">Sign in</button>
    <p class="text-muted">The first account and its password are printed where Bittern was started.</p>
  </form>
</main>
