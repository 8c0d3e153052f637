<script lang="ts">
  import { bench } from '../features/bench/bench.svelte';
  import BenchBar from '../features/bench/BenchBar.svelte';
  import SignIn from '../features/account/SignIn.svelte';
  import NumbersView from '../features/numbers/NumbersView.svelte';
  import OutlineView from '../features/outline/OutlineView.svelte';
  import FirstPlan from '../features/overview/FirstPlan.svelte';
  import OverviewView from '../features/overview/OverviewView.svelte';
  import { address, follow, pageOf } from './address.svelte';
  import GoTo from './GoTo.svelte';
  import Header from './Header.svelte';
  import { session } from './session.svelte';
  import Sidebar from './Sidebar.svelte';
  import { site } from './site.svelte';

  let goingTo = $state(false);
  const page = $derived(pageOf(address.path));
  const TITLES = { overview: 'Overview', numbers: 'Numbers', outline: 'Outline', missing: 'Not found' };

  session.begin().catch(site.fail.bind(site));

  $effect(() => {
    if (session.name) site.begin().catch(site.fail.bind(site));
  });

  $effect(() => {
    document.title = `${TITLES[page.name]} · ${site.view?.name ?? ''} · Bittern`;
  });

  // A change of the bench or of the plan is a new question.
  $effect(() => {
    if (page.name === 'outline' && site.view?.version !== undefined && bench.at)
      void bench.trace(page.number, bench.query);
  });

  function keyed(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || !site.view) return;
    const typing = (event.target as Element).closest('input, textarea') !== null;
    const key = event.key.toLowerCase();
    if (key === 'k') {
      event.preventDefault();
      goingTo = true;
    } else if (key === 'z' && !typing) {
      event.preventDefault();
      void (event.shiftKey ? site.redo() : site.undo());
    }
  }
</script>

<svelte:window onkeydown={keyed} />

{#if !session.known}
  <p class="p-6 text-muted" role="status">{site.wrong ? site.says : ''}</p>
{:else if !session.name}
  <SignIn />
{:else}
  <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions (catches clicks on links) -->
  <div class="flex h-full flex-col" onclick={follow}>
    <a href="#content" class="sr-only focus:not-sr-only">Skip to the content</a>
    <Header goTo={() => (goingTo = true)} />
    <div class="flex min-h-0 grow">
      <Sidebar />
      <main id="content" class="flex min-w-0 grow flex-col">
        {#if site.none}
          <FirstPlan />
        {:else if site.view}
          {#if page.name === 'outline' || page.name === 'numbers'}
            <BenchBar number={page.name === 'outline' ? page.number : undefined} />
          {/if}
          {#if page.name === 'overview'}
            <OverviewView />
          {:else if page.name === 'numbers'}
            <NumbersView />
          {:else if page.name === 'outline'}
            <OutlineView number={page.number} />
          {:else}
            <p class="p-6">
              There is no screen at this address. <a class="link" href="/">To the overview</a>
            </p>
          {/if}
        {/if}
      </main>
    </div>
    <p
      class="no-print border-t border-line bg-panel px-4 py-0.5 {site.wrong ? 'wrong' : 'text-muted'}"
      role="status"
      aria-live="polite"
    >
      {site.says || 'Changes keep themselves in the draft.'}
    </p>
  </div>
  <GoTo bind:open={goingTo} />
{/if}
