<script lang="ts">
  import { address } from '../../app/address.svelte';
  import { askServer } from '../../app/queries.svelte';
  import { moment } from '../../app/said';
  import type { Screen } from '../../app/screens';
  import { site } from '../../app/site.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { Person } from '../../lib/api/types';
  import Empty from '../../lib/ui/Empty.svelte';
  import ScreenFrame from '../../lib/ui/ScreenFrame.svelte';
  import DoneList from './DoneList.svelte';
  import InviteDialog from './InviteDialog.svelte';
  import MachineDialog from './MachineDialog.svelte';
  import { RIGHTS, sentence, turned } from './rights';

  /** Accounts: who may look, change, cut over and manage accounts here; invitations, machines; what each did. */
  let { screen }: { screen: Screen } = $props();

  let turn = $state(0);
  let inviting = $state(false);
  let making = $state(false);
  let wrong = $state('');

  const query = askServer(() => ({
    key: ['access', address.site, turn],
    ask: (signal) => api.access(address.site, signal),
    on: site.rights.has('manage'),
  }));
  const access = $derived(query.data);
  const accounts = $derived([
    ...(access?.people.map((one) => one.name) ?? []),
    ...(access?.machines.map((one) => `machine ${one.name}`) ?? []),
  ]);

  async function act(what: Promise<unknown>) {
    try {
      wrong = '';
      await what;
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
    turn++;
  }

  function turnRight(one: Person, right: string) {
    const rights = turned(one.rights, right, !one.rights.includes(right));
    void act(api.giveRights(address.site, { account: one.name, rights }));
  }

  function leaveEvery(one: Person) {
    void act(api.giveRights(address.site, { account: one.name, rights: [], every: true }));
  }
</script>

{#if !site.rights.has('manage')}
  <Empty title="Who may do what here is for those who manage the accounts of this site.">
    <p class="text-muted">You may {sentence([...site.rights])}.</p>
  </Empty>
{:else}
  <ScreenFrame title={screen.title} sideLabel="What was done" about="Who may do what at this site.">
    {#snippet actions()}
      <button class="plain" onclick={() => (making = true)}>A token for a machine</button>
      <button class="primary" onclick={() => (inviting = true)}>Invite somebody</button>
    {/snippet}
    {#snippet side()}
      <DoneList {accounts} {turn} />
    {/snippet}
    <div class="px-5 pb-6">
      <p role="alert" class="wrong">{wrong}</p>
      {#if query.isError && !access}
        <p class="wrong" role="alert">{saysOf(query.error).join(' ')}</p>
      {:else if access}
        <table class="mt-1 w-full border-collapse border-y border-line bg-panel">
          <thead>
            <tr class="border-b border-line text-left">
              <th class="px-3 py-1 font-semibold">Account</th>
              {#each RIGHTS as one (one.right)}
                <th class="px-2 py-1 text-center font-semibold" title={one.help}>{one.title}</th>
              {/each}
              <th class="px-2 py-1 font-semibold">Second factor</th>
              <th class="px-2 py-1 font-semibold">Last sign-in</th>
            </tr>
          </thead>
          <tbody>
            {#each access.people as one (one.name)}
              <tr class="border-b border-line align-top last:border-b-0">
                <td class="px-3 py-1.5">
                  <b class="break-all">{one.name}</b>{#if one.you}<span class="text-muted">, you</span>{/if}
                  {#if one.every.length}
                    <span class="block text-muted"
                      >at every site: {sentence(one.every)}
                      {#if access.every && !one.you}
                        <button
                          class="link"
                          title="What the account may do at this site alone stays"
                          onclick={() => leaveEvery(one)}>take away</button
                        >
                      {/if}</span
                    >
                  {/if}
                </td>
                {#each RIGHTS as right (right.right)}
                  {@const here = one.rights.includes(right.right)}
                  {@const every = one.every.includes(right.right)}
                  <td class="px-2 py-1.5 text-center">
                    <button
                      class="token min-w-8 text-center {here || every ? 'font-semibold' : 'text-muted'}"
                      aria-pressed={here || every}
                      disabled={every}
                      title={every ? 'At every site' : here ? 'Take it away' : 'Give it'}
                      aria-label="{one.name}: {right.title.toLowerCase()}"
                      onclick={() => turnRight(one, right.right)}>{here || every ? 'yes' : 'no'}</button
                    >
                  </td>
                {/each}
                <td class="px-2 py-1.5 {one.factor ? '' : access.asksFactor ? 'text-clay' : 'text-muted'}"
                  >{one.factor ? 'yes' : access.asksFactor ? 'no: kept out' : 'no'}</td
                >
                <td class="w-36 px-2 py-1.5 font-mono text-[13px] text-muted"
                  >{one.signedIn ? moment(one.signedIn) : 'never'}</td
                >
              </tr>
            {/each}
          </tbody>
        </table>
        <p class="mt-2">
          {access.asksFactor
            ? 'This site asks for a second factor: who has none is kept out.'
            : 'This site lets people in with a password alone.'}
          <button
            class="link"
            onclick={() => void act(api.askFactor(address.site, { asks: !access.asksFactor }))}
            >{access.asksFactor ? 'Ask for none' : 'Ask for a second factor'}</button
          >
        </p>

        <h2 class="mt-6 font-semibold">Invitations that nobody has used yet</h2>
        <ul class="mt-1 border-y border-line bg-panel">
          {#each access.invitations as one (one.id)}
            <li class="flex items-baseline gap-3 border-b border-line px-3 py-1.5 last:border-b-0">
              <span class="grow"
                ><b>{one.says || 'for somebody'}</b>: {sentence(one.rights)}{one.every
                  ? ', at every site'
                  : ''}
                <span class="text-muted">by {one.madeBy}, until {moment(one.ends)}</span></span
              >
              <button
                class="plain"
                aria-label="Take back the invitation {one.says}"
                onclick={() => void act(api.takeInvitationBack(address.site, String(one.id)))}
                >Take back</button
              >
            </li>
          {:else}
            <li class="px-3 py-1.5 text-muted">None.</li>
          {/each}
        </ul>

        <h2 class="mt-6 font-semibold">Machines</h2>
        <ul class="mt-1 border-y border-line bg-panel">
          {#each access.machines as one (one.name)}
            <li class="flex items-baseline gap-3 border-b border-line px-3 py-1.5 last:border-b-0">
              <span class="grow"
                ><b>{one.name}</b>: {sentence(one.rights)}
                <span class="text-muted"
                  >by {one.madeBy}, until {moment(one.ends)}, {one.used
                    ? `last used ${moment(one.used)}`
                    : 'never used'}</span
                ></span
              >
              <button
                class="plain"
                aria-label="End the token of {one.name}"
                onclick={() => void act(api.endMachine(address.site, one.name))}>End it</button
              >
            </li>
          {:else}
            <li class="px-3 py-1.5 text-muted">None: no program may ask by itself.</li>
          {/each}
        </ul>
      {:else}
        <p class="text-muted" role="status">Asking who may do what.</p>
      {/if}
    </div>
  </ScreenFrame>
  <InviteDialog bind:open={inviting} every={access?.every ?? false} done={() => turn++} />
  <MachineDialog bind:open={making} done={() => turn++} />
{/if}
