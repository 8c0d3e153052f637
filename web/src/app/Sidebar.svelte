<script lang="ts">
  import { address } from './address.svelte';
  import { SCREENS, type Screen } from './screens';
  import { site } from './site.svelte';

  const GROUPS = ['Build', 'Prove', 'Deliver'] as const;
  const counts = $derived(
    new Map(site.view?.sections.map((section) => [section.kind, section.count] as const)),
  );

  /** Who may not manage accounts has nothing to do there. */
  function shows(screen: Screen): boolean {
    return screen.name !== 'rights' || site.rights.has('manage');
  }

  function count(screen: Screen): string {
    if (
      screen.name === 'overview' ||
      screen.name === 'outline' ||
      screen.name === 'findings' ||
      screen.name === 'rights'
    )
      return '';
    const main = screen.kinds[0] ?? '';
    const all = screen.name === 'groups' ? screen.kinds : [main];
    const sum = all.reduce((total, kind) => total + (counts.get(kind) ?? 0), 0);
    return sum ? String(sum) : '';
  }

  function path(screen: Screen): string {
    if (screen.name !== 'outline') return address.to(screen.name);
    const number = address.screen === 'outline' ? address.rest[0] : undefined;
    const first = number ?? address.query.get('to') ?? site.view?.number;
    return first ? address.to('outline', first) : address.to('outline');
  }
</script>

<nav class="no-print w-32 shrink-0 overflow-auto border-r border-line py-3" aria-label="Screens">
  {#each GROUPS as group (group)}
    {@const screens = SCREENS.filter((screen) => screen.group === group && screen.listed && shows(screen))}
    {#if screens.length}
      <p class="px-4 pt-2 pb-1 text-xs tracking-wider text-muted first:pt-0">{group.toUpperCase()}</p>
      {#each screens as screen (screen.name)}
        <a
          href={path(screen)}
          aria-current={address.screen === screen.name ? 'page' : undefined}
          class="flex justify-between gap-1 border-l-3 py-0.5 pr-2 pl-3.5 hover:bg-wash {address.screen ===
          screen.name
            ? 'border-reed bg-reed/10 font-semibold'
            : 'border-transparent'}"
          >{screen.title}<span class="font-mono text-[13px] text-muted">{count(screen)}</span></a
        >
      {/each}
    {/if}
  {/each}
</nav>
