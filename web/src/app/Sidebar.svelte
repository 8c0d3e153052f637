<script lang="ts">
  import { address, outlineOf, pageOf } from './address.svelte';
  import { site } from './site.svelte';

  const page = $derived(pageOf(address.path));
  const first = $derived(site.view?.numbers[0]?.number ?? '');
  const places = $derived([
    { name: 'overview', title: 'Overview', path: '/', count: '' },
    { name: 'numbers', title: 'Numbers', path: '/numbers', count: String(site.view?.numbers.length ?? '') },
    {
      name: 'outline',
      title: 'Outline',
      path: page.name === 'outline' ? address.path : outlineOf(first),
      count: '',
    },
  ]);
</script>

<nav class="no-print w-32 shrink-0 border-r border-line pt-3" aria-label="Screens">
  <p class="px-4 pb-1 text-xs tracking-wider text-muted">BUILD</p>
  {#each places as place (place.name)}
    <a
      href={place.path}
      aria-current={page.name === place.name ? 'page' : undefined}
      class="flex justify-between border-l-3 px-3.5 py-1 hover:bg-wash {page.name === place.name
        ? 'border-reed bg-reed/10 font-semibold'
        : 'border-transparent'}">{place.title}<span class="font-mono text-muted">{place.count}</span></a
    >
  {/each}
</nav>
