<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';

  /** Where a name and a password are asked for; over a screen whose session has ended, which stays as it is. */
  let { over = false }: { over?: boolean } = $props();

  let name = $state(session.name ?? '');
  let passwordField = $state<HTMLInputElement>();
  let password = $state('');
  let wrong = $state('');
  async function submit(event: Event) {
    event.preventDefault();
    try {
      await session.signIn(name, password);
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }
</script>

{#snippet form()}
  <form class="mt-6 flex flex-col gap-3" onsubmit={submit}>
    <label class="flex flex-col gap-1"
      >Name <input bind:value={name} autocomplete="username" required /></label
    >
    <label class="flex flex-col gap-1"
      >Password <input
        bind:this={passwordField}
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
{/snippet}

{#if over}
  <!-- A dialog of its own: an open token or dialog below would hold the focus. -->
  <Dialog.Root open>
    <Dialog.Portal>
      <Dialog.Overlay class="fixed inset-0 z-40 bg-black/30" />
      <Dialog.Content
        class="sheet fixed top-[14vh] left-1/2 z-50 w-96 max-w-[94vw] -translate-x-1/2 p-6"
        escapeKeydownBehavior="ignore"
        interactOutsideBehavior="ignore"
        onOpenAutoFocus={(event) => {
          // Who it was is known.
          event.preventDefault();
          passwordField?.focus();
        }}
      >
        <Dialog.Title class="text-2xl font-bold"
          ><span class="sr-only">Sign in again to</span> bittern<span class="text-reed">.</span></Dialog.Title
        >
        <Dialog.Description class="mt-1 text-muted"
          >Your session has ended. Sign in again: the screen and what you typed stay.</Dialog.Description
        >
        {@render form()}
      </Dialog.Content>
    </Dialog.Portal>
  </Dialog.Root>
{:else}
  <main class="mx-auto mt-[18vh] w-80">
    <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
    <h1 class="mt-1 text-muted">Sign in to work on the plan.</h1>
    {@render form()}
  </main>
{/if}
