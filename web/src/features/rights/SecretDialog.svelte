<script lang="ts">
  import type { Snippet } from 'svelte';
  import { saysOf } from '../../lib/api/client';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import { whenOpened } from '../../lib/ui/opened.svelte';
  import Once from './Once.svelte';

  /** Makes something secret, and shows it once. */
  interface Props {
    open: boolean;
    title: string;
    about: string;
    /** What the button says that makes it. */
    does: string;
    /** What the secret is called, and what to do with it. */
    label: string;
    advice: string;
    make: () => Promise<string>;
    /** Begins anew each time it is opened. */
    begin: () => void;
    done: () => void;
    /** What is asked for it. */
    children: Snippet;
  }
  let {
    open = $bindable(),
    title,
    about,
    does,
    label,
    advice,
    make,
    begin,
    done,
    children,
  }: Props = $props();

  let secret = $state('');
  let wrong = $state('');

  whenOpened(
    () => open,
    () => {
      [secret, wrong] = ['', ''];
      begin();
    },
  );

  async function submit(event: Event) {
    event.preventDefault();
    try {
      wrong = '';
      secret = await make();
      done();
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }
</script>

<Dialog bind:open wide {title} {about}>
  {#if secret}
    <Once {label} text={secret} about={advice} />
    <p class="mt-2 text-right"><button class="primary" onclick={() => (open = false)}>Done</button></p>
  {:else}
    <form onsubmit={submit}>
      {@render children()}
      {#if wrong}<p class="wrong mt-2" role="alert">{wrong}</p>{/if}
      <p class="mt-3 text-right"><button class="primary">{does}</button></p>
    </form>
  {/if}
</Dialog>
