<script lang="ts">
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';
  import NewPassword from './NewPassword.svelte';

  /** Changes one's password. */
  interface Props {
    /** What the button says. */
    does: string;
    /** Whether it is the one thing to do here. */
    primary?: boolean;
    done?: () => void;
  }
  let { does, primary = false, done }: Props = $props();

  let current = $state('');
  let password = $state('');
  let again = $state('');
  let says = $state('');
  let wrong = $state('');

  async function submit(event: Event) {
    event.preventDefault();
    [says, wrong] = ['', ''];
    if (password !== again) {
      wrong = 'The two new passwords are not the same.';
      return;
    }
    try {
      await session.choosePassword(current, password);
      says = 'The password is changed. Wherever else you were signed in, you are not any more.';
      [current, password, again] = ['', '', ''];
      done?.();
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }
</script>

<form class="flex flex-col gap-3" onsubmit={submit}>
  <label class="flex flex-col gap-1"
    >Password until now <input
      type="password"
      bind:value={current}
      autocomplete="current-password"
      required
    /></label
  >
  <NewPassword bind:password bind:again />
  <p role="status">{says}</p>
  {#if wrong}<p class="wrong" role="alert">{wrong}</p>{/if}
  <button class={primary ? 'primary' : 'plain self-start'}>{does}</button>
</form>
