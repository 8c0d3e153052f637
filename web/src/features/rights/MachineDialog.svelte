<script lang="ts">
  import { address } from '../../app/address.svelte';
  import * as api from '../../lib/api/endpoints';
  import RightsOf from './RightsOf.svelte';
  import SecretDialog from './SecretDialog.svelte';

  /** Makes a token for a machine. */
  let { open = $bindable(), done }: { open: boolean; done: () => void } = $props();

  let name = $state('');
  let rights = $state<string[]>(['look']);
  let days = $state(90);

  function begin() {
    [name, rights, days] = ['', ['look'], 90];
  }

  async function make() {
    return (await api.makeMachine(address.site, { name, rights, days })).token;
  }
</script>

<SecretDialog
  bind:open
  title="A token for a machine"
  about="A program that asks by itself: what it may do here, and until when."
  does="Make the token"
  label="The token"
  advice="It goes with each request as Authorization: Bearer and the token. It is not shown again; only its digest is kept."
  {make}
  {begin}
  {done}
>
  <label class="flex flex-col gap-1"
    ><span class="text-muted">Name, as the journal will say it</span>
    <input bind:value={name} maxlength="60" autocomplete="off" placeholder="exporter" required />
  </label>
  <RightsOf bind:rights without={['manage']} />
  <label class="mt-2 flex items-baseline gap-2"
    ><span class="text-muted">Ends after</span>
    <input type="number" class="w-20 font-mono" min="1" max="366" bind:value={days} required /> days</label
  >
</SecretDialog>
