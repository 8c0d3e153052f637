<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { session } from '../../app/session.svelte';
  import { Refused, saysOf } from '../../lib/api/client';

  /** Where a name and a password are asked for; over a screen whose session has ended, which stays as it is. */
  let { over = false }: { over?: boolean } = $props();

  let name = $state(session.name ?? '');
  let passwordField = $state<HTMLInputElement>();
  let password = $state('');
  let wrong = $state('');
  /** Asked for once the password was right, where the account has a second factor. */
  let asksCode = $state(false);
  let code = $state('');
  async function submit(event: Event) {
    event.preventDefault();
    try {
      wrong = '';
      await session.signIn(name, password, asksCode ? code : undefined);
    } catch (failure) {
      if (failure instanceof Refused && failure.needs === 'code' && !asksCode) asksCode = true;
      else wrong = saysOf(failure).join(' ');
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
    {#if asksCode}
      <label class="flex flex-col gap-1"
        >Code that your phone shows, or one of yours on paper
        <!-- svelte-ignore a11y_autofocus (it has just been asked for) -->
        <input bind:value={code} autocomplete="one-time-code" class="font-mono" required autofocus />
      </label>
    {/if}
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
