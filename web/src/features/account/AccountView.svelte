<script lang="ts">
  import { askServer } from '../../app/queries.svelte';
  import { moment } from '../../app/said';
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import Factor from './Factor.svelte';
  import PasswordForm from './PasswordForm.svelte';

  /** One's own account: password, second factor, where one is signed in. */
  let turn = $state(0);
  const query = askServer(() => ({ key: ['account', turn], ask: (signal) => api.account(signal) }));
  const account = $derived(query.data);
  let wrong = $state('');

  async function end(one: string) {
    try {
      await api.endSession(one);
      wrong = '';
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
    turn++;
  }
</script>

<svelte:head><title>Your account · Bittern</title></svelte:head>
<main id="content" class="mx-auto max-w-4xl px-6 py-6">
  <p class="flex items-baseline gap-4">
    <a href="/" class="text-2xl font-bold" title="All sites">bittern<span class="text-reed">.</span></a>
    <a class="link" href="/">All sites</a>
  </p>
  <h1 class="mt-3 text-lg font-semibold">Your account: {session.name}</h1>
  {#if query.isError && !account}<p class="wrong mt-2" role="alert">{saysOf(query.error).join(' ')}</p>{/if}
  <div class="mt-4 grid gap-8 lg:grid-cols-2">
    <section aria-labelledby="password-title">
      <h2 id="password-title" class="font-semibold">Password</h2>
      <div class="mt-2"><PasswordForm does="Change the password" done={() => turn++} /></div>
    </section>
    {#if account}
      <Factor on={account.factor} codes={account.codes} changed={() => turn++} />
    {/if}
  </div>
  <h2 class="mt-6 font-semibold">Where you are signed in</h2>
  {#if wrong}<p class="wrong mt-1" role="alert">{wrong}</p>{/if}
  <ul class="mt-2 border-y border-line bg-panel">
    {#each account?.sessions ?? [] as one (one.session)}
      <li class="flex items-baseline gap-3 border-b border-line px-3 py-1.5 last:border-b-0">
        <span class="min-w-0 grow">
          <span class="font-mono text-[13px]">{one.address}</span>
          <span class="text-muted">since {moment(one.begun)}, last seen {moment(one.seen)}</span>
          <span class="block truncate text-muted" title={one.browser}>{one.browser}</span>
        </span>
        {#if one.mine}<b class="whitespace-nowrap">this browser</b>
        {:else}<button class="plain" onclick={() => void end(one.session)}>End it</button>{/if}
      </li>
    {/each}
  </ul>
</main>
