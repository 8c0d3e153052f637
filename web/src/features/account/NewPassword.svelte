<script lang="ts">
  /** Two fields for a password that is chosen, and what is allowed. */
  let { password = $bindable(), again = $bindable() }: { password: string; again: string } = $props();
</script>

<label class="flex flex-col gap-1"
  >New password <input
    type="password"
    bind:value={password}
    autocomplete="new-password"
    minlength="12"
    aria-describedby="password-allowed"
    required
  /></label
>
<label class="flex flex-col gap-1"
  >The same again <input type="password" bind:value={again} autocomplete="new-password" required /></label
>
<p id="password-allowed" class="text-muted">
  12 characters or more, none that many use: such as four words that have nothing to do with each other.
</p>
