<script lang="ts">
  import { session } from '../../app/session.svelte';
  import PasswordForm from './PasswordForm.svelte';

  /** Before anything else is done: the password that was printed at the first start is changed. */
</script>

<svelte:head><title>Choose a password · Bittern</title></svelte:head>
<main class="mx-auto mt-[14vh] w-96">
  <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
  <h1 class="mt-1 mb-6 text-muted">
    Choose a password of your own, {session.name}: the one you had was printed.
  </h1>
  <PasswordForm does="Keep it, and go on" primary />
</main>
