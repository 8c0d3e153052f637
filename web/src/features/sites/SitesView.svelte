<script lang="ts">
  import { askServer, queries } from '../../app/queries.svelte';
  import { navigate } from '../../app/routes';
  import { session } from '../../app/session.svelte';
  import { saysOf } from '../../lib/api/client';
  import * as api from '../../lib/api/endpoints';
  import type { SiteName } from '../../lib/api/types';
  import { countries, NewSites, sizeOf } from './sites.svelte';

  /** All sites, and the ways to make one: empty, from a sample, from a plan file. */
  const sites = askServer(() => ({ key: ['sites'], ask: (signal) => api.sites(signal) }));
  const samples = askServer(() => ({ key: ['samples'], ask: (signal) => api.samples(signal) }));

  const fresh = new NewSites();
  /** What was refused, said where it was asked for. */
  type Asked = 'remove' | 'sample' | 'file' | 'empty';
  let wrong = $state.raw<{ at: Asked; says: string[] }>();
  let removing = $state('');

  $effect(() => {
    document.title = 'Sites · Bittern';
    void queries.invalidateQueries({ queryKey: ['server', 'sites'] });
  });
  async function made(at: Asked, making: Promise<SiteName>) {
    try {
      wrong = undefined;
      const site = await making;
      fresh.drop();
      void navigate('/s/:site/:plan', { params: { site: site.key, plan: 'draft' } });
    } catch (failure) {
      wrong = { at, says: saysOf(failure) };
    }
  }

  async function read(event: Event) {
    const chosen = (event.currentTarget as HTMLInputElement).files?.[0];
    if (chosen) fresh.take(await chosen.text(), chosen.name);
  }

  async function remove(key: string) {
    try {
      await api.removeSite(key);
      removing = '';
      await queries.invalidateQueries({ queryKey: ['server', 'sites'] });
    } catch (failure) {
      wrong = { at: 'remove', says: saysOf(failure) };
    }
  }
</script>

{#snippet refused(at: Asked)}
  {#if wrong?.at === at}
    <div class="col-span-full" role="alert">
      {#each wrong.says as one, index (index)}<p class="wrong mt-2">{one}</p>{/each}
    </div>
  {/if}
{/snippet}

<main id="content" class="mx-auto max-w-4xl px-6 py-6">
  <p class="text-2xl font-bold">bittern<span class="text-reed">.</span></p>
  <h1 class="mt-3 text-lg font-semibold">Sites</h1>
  {#if sites.data}
    <ul class="mt-2 border-y border-line bg-panel">
      {#each sites.data as site (site.key)}
        <li class="flex items-baseline gap-4 border-b border-line px-4 py-1.5 last:border-b-0">
          <a class="link" href="/s/{encodeURIComponent(site.key)}/draft">{site.name}</a>
          <span class="font-mono text-[13px] text-muted">{site.key}</span>
          <span class="grow text-muted">
            {site.live ? `release ${site.live} is live` : 'nothing is live yet'}
          </span>
          {#if removing === site.key}
            <span class="wrong">Its releases go too.</span>
            <button class="plain" onclick={() => void remove(site.key)}>Remove {site.name}</button>
            <button class="plain" onclick={() => (removing = '')}>Keep it</button>
          {:else}
            {#if session.everySite}<button class="text-muted" onclick={() => (removing = site.key)}
                >Remove</button
              >{/if}
          {/if}
        </li>
      {:else}
        <li class="px-4 py-2">
          {session.everySite
            ? 'No site yet. Begin with a sample, or with a plan of your own.'
            : 'You may not look at any site yet: whoever manages the accounts of one can invite you.'}
        </li>
      {/each}
    </ul>
  {:else if sites.isError}
    <p class="wrong mt-2" role="alert">{saysOf(sites.error).join(' ')}</p>
  {:else}
    <p class="mt-2 text-muted" role="status">Asking for the sites.</p>
  {/if}
  {@render refused('remove')}

  <!-- Who may not change every site is let into those there are. -->
  <div class="mt-6 grid gap-8 lg:grid-cols-2" hidden={!session.everySite}>
    <section aria-labelledby="sample-title">
      <h2 id="sample-title" class="font-semibold">Take a sample site</h2>
      <p class="mt-2 flex items-center gap-2">
        <label for="sample-key" class="w-28 shrink-0 text-muted">Key</label>
        <input
          id="sample-key"
          class="grow font-mono"
          bind:value={fresh.sample}
          oninput={() => fresh.keepSample()}
          placeholder="the sample's own"
          aria-label="Key of the new site"
          autocomplete="off"
        />
      </p>
      {@render refused('sample')}
      <ul class="mt-2 divide-y divide-line border-y border-line">
        {#each samples.data ?? [] as sample (sample.key)}
          <li class="flex items-start gap-4 py-2">
            <p class="grow"><b>{sample.name}</b><br /><span class="text-muted">{sample.about}.</span></p>
            <button
              class="plain shrink-0"
              aria-label="Begin with {sample.name}"
              onclick={() =>
                void made('sample', api.makeSite({ sample: sample.key, key: fresh.sample.trim() || null }))}
              >Begin</button
            >
          </li>
        {/each}
      </ul>
    </section>
    <section aria-labelledby="file-title">
      <h2 id="file-title" class="font-semibold">Read a plan file</h2>
      <form
        class="mt-2"
        onsubmit={(event) => {
          event.preventDefault();
          void made('file', api.siteFromFile(fresh.text));
        }}
      >
        <p>YAML or JSON: choose it, or paste it here.</p>
        <input
          class="mt-2 w-full"
          type="file"
          accept=".yaml,.yml,.json"
          aria-label="Plan file"
          onchange={read}
        />
        {#if fresh.shown}
          <textarea
            class="mt-2 block h-72 w-full font-mono text-[13px]"
            bind:value={() => fresh.text, (text) => fresh.take(text, fresh.name)}
            aria-label="Plan file as text"
            spellcheck="false"></textarea>
        {:else}
          <p class="mt-2 flex items-baseline gap-3 border border-line bg-panel px-3 py-2">
            <b>{fresh.name || 'Pasted text'}</b>
            <span class="grow text-muted">{sizeOf(fresh.text)}, too long to be shown here</span>
            <button type="button" class="plain shrink-0" onclick={() => fresh.take('')}>Put it away</button>
          </p>
        {/if}
        {#if fresh.tooLarge}
          <p class="mt-1 text-muted">It is too large to be kept over a reload of this page.</p>
        {/if}
        {@render refused('file')}
        <button class="primary mt-2">Take in the plan</button>
      </form>
      <h2 class="mt-6 font-semibold">Name a site</h2>
      <form
        class="mt-2 grid grid-cols-[7rem_1fr] gap-2"
        oninput={() => fresh.keepEmpty()}
        onsubmit={(event) => {
          event.preventDefault();
          void made('empty', api.makeSite({ ...fresh.empty }));
        }}
      >
        <label for="site-name" class="text-muted">Name</label>
        <input
          id="site-name"
          bind:value={() => fresh.empty.name, (name) => fresh.call(name)}
          autocomplete="off"
        />
        <label for="site-key" class="text-muted">Key</label>
        <input id="site-key" class="font-mono" bind:value={fresh.empty.key} autocomplete="off" />
        <label for="site-country" class="text-muted">Country</label>
        <input
          id="site-country"
          class="font-mono"
          bind:value={fresh.empty.country}
          placeholder="GB"
          list="countries"
          autocomplete="off"
        />
        <label for="site-zone" class="text-muted">Time zone</label>
        <input
          id="site-zone"
          class="font-mono"
          bind:value={fresh.empty.timeZone}
          list="zones"
          autocomplete="off"
        />
        <label for="site-language" class="text-muted">Languages</label>
        <input
          id="site-language"
          class="font-mono"
          bind:value={fresh.empty.language}
          placeholder="en-GB, nb-NO"
          title="The first is spoken where nothing else is said"
          autocomplete="off"
        />
        {@render refused('empty')}
        <span></span>
        <span><button class="plain">Make an empty site</button></span>
        <datalist id="countries">
          {#each countries() as [code, name] (code)}<option value={code}>{name}</option>{/each}
        </datalist>
        <datalist id="zones">
          {#each Intl.supportedValuesOf('timeZone') as zone (zone)}<option value={zone}></option>{/each}
        </datalist>
      </form>
    </section>
  </div>
</main>
