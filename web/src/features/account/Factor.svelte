<script lang="ts">
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { WantedFactor } from '../../lib/api/types';

  /** A second factor: switched on with a code that the phone shows, off with one more. */
  interface Props {
    on: boolean;
    /** How many codes on paper are left. */
    codes: number;
    changed: () => void;
  }
  let { on, codes, changed }: Props = $props();

  let password = $state('');
  let code = $state('');
  let wanted = $state.raw<WantedFactor | undefined>();
  let paper = $state.raw<string[]>([]);
  let wrong = $state('');

  async function act(event: Event, what: () => Promise<void>) {
    event.preventDefault();
    try {
      wrong = '';
      await what();
    } catch (failure) {
      wrong = saysOf(failure).join(' ');
    }
  }

  async function begin() {
    wanted = await api.wantFactor({ password });
    password = '';
  }

  async function confirm() {
    paper = (await api.factorOn({ code })).codes;
    wanted = undefined;
    code = '';
    changed();
  }

  async function off() {
    await api.factorOff({ password, code });
    [password, code] = ['', ''];
    paper = [];
    changed();
  }
</script>

{#snippet typed(label: string)}
  <label class="flex flex-col gap-1"
    >{label}
    <input class="font-mono" bind:value={code} autocomplete="one-time-code" required /></label
  >
{/snippet}

{#snippet asked()}
  <label class="flex flex-col gap-1"
    >Your password <input
      type="password"
      bind:value={password}
      autocomplete="current-password"
      required
    /></label
  >
{/snippet}

<section aria-labelledby="factor-title">
  <h2 id="factor-title" class="font-semibold">Second factor</h2>
  {#if paper.length}
    <p class="mt-2">
      It is on. With these codes you get in when the phone is lost, each once: print them or write them down
      now. They are not shown again.
    </p>
    <ul
      aria-label="Codes on paper"
      class="mt-2 grid grid-cols-2 gap-x-4 border border-line bg-panel px-3 py-2 font-mono text-[13px]"
    >
      {#each paper as one (one)}<li>{one}</li>{/each}
    </ul>
    <p class="mt-2"><button class="plain" onclick={() => (paper = [])}>I have them</button></p>
  {:else if on}
    <p class="mt-2">
      On: at the sign-in a code of your phone is asked for. {codes}
      {codes === 1 ? 'code' : 'codes'} on paper left.
    </p>
    <form class="mt-2 flex flex-col gap-3" onsubmit={(event) => act(event, off)}>
      {@render asked()}
      {@render typed('A code')}
      <p><button class="plain">Switch it off</button></p>
    </form>
  {:else if wanted}
    <p class="mt-2">
      Type this secret into the program for codes on your phone, or <a class="link" href={wanted.uri}
        >open it</a
      > on this machine:
    </p>
    <p id="secret" class="mt-2 border border-line bg-panel px-3 py-2 font-mono text-[13px] break-all">
      {wanted.secret.replaceAll(/(.{4})(?=.)/g, '$1 ')}
    </p>
    <form class="mt-3 flex flex-col gap-3" onsubmit={(event) => act(event, confirm)}>
      {@render typed('The code that it shows')}
      <p><button class="primary">Switch it on</button></p>
    </form>
  {:else}
    <p class="mt-2">
      Off: your password alone gets in. With it on, a code is asked for besides, which a program on your phone
      shows (TOTP, RFC 6238).
    </p>
    <form class="mt-2 flex flex-col gap-3" onsubmit={(event) => act(event, begin)}>
      {@render asked()}
      <p><button class="plain">Begin to switch it on</button></p>
    </form>
  {/if}
  {#if wrong}<p class="wrong mt-2" role="alert">{wrong}</p>{/if}
</section>
