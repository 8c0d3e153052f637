<script lang="ts">
  import { address } from '../../app/address.svelte';
  import * as api from '../../lib/api/endpoints';
  import RightsOf from './RightsOf.svelte';
  import SecretDialog from './SecretDialog.svelte';

  /** Makes a link that lets somebody in. */
  interface Props {
    open: boolean;
    /** Whether it can be to every site. */
    every: boolean;
    done: () => void;
  }
  let { open = $bindable(), every, done }: Props = $props();

  let says = $state('');
  let rights = $state<string[]>(['look']);
  let everywhere = $state(false);

  function begin() {
    [says, rights, everywhere] = ['', ['look'], false];
  }

  async function make() {
    const made = await api.invite(address.site, { says, rights, every: everywhere });
    return `${location.origin}/join#${made.secret}`;
  }
</script>

<SecretDialog
  bind:open
  title="Invite somebody"
  about="A link that makes one account, or gives one that is there these rights: good once, and for a week."
  does="Make the link"
  label="The link"
  advice="Send it to whom it is for. It is not shown again; you can take it back here as long as nobody has used it."
  {make}
  {begin}
  {done}
>
  <label class="flex flex-col gap-1"
    ><span class="text-muted">For whom, in any words: only you and other managers read it</span>
    <input bind:value={says} maxlength="200" autocomplete="off" />
  </label>
  <RightsOf bind:rights />
  {#if every}
    <label class="mt-2 flex items-baseline gap-2"
      ><input type="checkbox" bind:checked={everywhere} /> at every site, present and to come</label
    >
  {/if}
</SecretDialog>
