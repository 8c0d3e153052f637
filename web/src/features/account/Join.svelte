<script lang="ts">
  import { untrack } from 'svelte';
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { InvitedTo } from '../../lib/api/types';
  import { sentence } from '../rights/rights';
  import NewPassword from './NewPassword.svelte';

  /** Where the link of an invitation leads: what it is to, and how to take it. */
  let { secret, joined }: { secret: string; joined: () => void } = $props();

  let to = $state.raw<InvitedTo | undefined>();
  let wrong = $state('');
  let name = $state('');
  let password = $state('');
  let again = $state('');
  let asMyself = $state(session.name !== undefined);

  api.invitation({ secret: untrack(() => secret) }).then(
    (answer) => (to = answer),
    (failure: unknown) => (wrong = saysOf(failure).join(' ')),
  );

  async function submit(event: Event) {
    event.preventDefault();
    if (!asMyself && password !== again) {
      wrong = 'The two passwords are not the same.';
      return;
    }
    try {
      wrong = '';
      await (asMyself ? session.join(secret) : session.join(secret, name, password));
      leave();
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }

  /** The link is not to stand in the address, nor in the browser's history. */
  function leave() {
    history.replaceState(null, '', '/');
    joined();
  }
</script>

<svelte:head><title>An invitation · Bittern</title></svelte:head>
<main class="mx-auto mt-[14vh] w-96">
  <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
  {#if to}
    <h1 class="mt-1">
      {to.madeBy} invites you to <b>{sentence(to.rights)}</b>
      {#if to.site}at <b>{to.site}</b>{:else}at <b>every site</b>{/if}.
    </h1>
    <form class="mt-6 flex flex-col gap-3" onsubmit={submit}>
      {#if session.name}
        <label class="flex items-baseline gap-2"
          ><input type="radio" bind:group={asMyself} value={true} /> with your account {session.name}</label
        >
        <label class="flex items-baseline gap-2"
          ><input type="radio" bind:group={asMyself} value={false} /> with a new account</label
        >
      {/if}
      {#if !asMyself}
        <label class="flex flex-col gap-1"
          >Name <input bind:value={name} autocomplete="username" maxlength="60" required /></label
        >
        <NewPassword bind:password bind:again />
      {/if}
      {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
      <button class="primary">{asMyself ? 'Take it' : 'Make the account'}</button>
    </form>
  {:else if wrong}
    <h1 class="wrong mt-1" role="alert">{wrong}</h1>
    <p class="mt-4"><button class="plain" onclick={leave}>To the sign-in</button></p>
  {:else}
    <h1 class="mt-1 text-muted" role="status">Asking what the invitation is to.</h1>
  {/if}
</main>
