<script lang="ts">
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';

  /** Where a name and a password are asked for; over a screen whose session has ended, which stays as it is. */
  let { over = false }: { over?: boolean } = $props();

  let name = $state(session.name ?? '');
  let password = $state('');
  let wrong = $state('');
  let box = $state<HTMLElement>();

  $effect(() => {
    if (over) box?.querySelector('input')?.focus();
  });

  async function submit(event: Event) {
    event.preventDefault();
    try {
      await session.signIn(name, password);
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }
</script>

<svelte:element
  this={over ? 'div' : 'main'}
  bind:this={box}
  class={over ? 'sheet fixed top-[14vh] left-1/2 z-50 w-96 -translate-x-1/2 p-6' : 'mx-auto mt-[18vh] w-80'}
  role={over ? 'dialog' : undefined}
  aria-label={over ? 'Sign in again' : undefined}
>
  <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
  {#if over}
    <p class="mt-1 text-muted">Your session has ended. Sign in again: the screen and what you typed stay.</p>
  {:else}
    <h1 class="mt-1 text-muted">Sign in to work on the plan.</h1>
  {/if}
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
</svelte:element>
