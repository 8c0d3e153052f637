<script lang="ts">
  import { QueryClientProvider } from '@tanstack/svelte-query';
  import { Router } from 'sv-router';
  import ChoosePassword from '../features/account/ChoosePassword.svelte';
  import Join from '../features/account/Join.svelte';
  import SignIn from '../features/account/SignIn.svelte';
  import Toasts from '../lib/ui/Toasts.svelte';
  import { address } from './address.svelte';
  import { queries } from './queries.svelte';
  import { route } from './routes';
  import { session } from './session.svelte';
  import { site } from './site.svelte';

  /** Behind the `#`, where no log of a server has it. */
  let secret = $state(location.pathname === '/join' ? location.hash.slice(1) : '');

  session.begin().catch(site.fail.bind(site));

  // The router has gone somewhere, or a page before has come back.
  $effect.pre(() => {
    void route.pathname;
    void route.search;
    address.read();
  });

  /** A link opened with Ctrl, Shift or the middle button goes where the browser takes it, not where the router does. */
  function elsewhere(event: MouseEvent) {
    if (event.ctrlKey || event.metaKey || event.shiftKey || event.button !== 0) {
      const link = (event.target as Element).closest('a[href]');
      if (link) event.stopImmediatePropagation();
    }
  }
</script>

<svelte:document onclickcapture={elsewhere} />

<QueryClientProvider client={queries}>
  {#if !session.known}
    <p class="p-6 text-muted" role="status">
      {site.wrong ? site.says : 'Asking the server who is signed in.'}
    </p>
  {:else if secret}
    <Join {secret} joined={() => (secret = '')} />
  {:else if !session.name}
    <SignIn />
  {:else if session.mustChange}
    <ChoosePassword />
  {:else}
    <Router />
    {#if session.ended}<SignIn over />{/if}
  {/if}
  <Toasts />
</QueryClientProvider>
