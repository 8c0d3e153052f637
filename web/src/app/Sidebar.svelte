<script lang="ts">
  import { findings, MARKS } from '../features/findings/findings.svelte';
  import type { FindingView } from '../lib/api/types';
  import { address } from './address.svelte';
  import { splitRef } from './refs';
  import { SCREENS, type Screen } from './screens';
  import { site } from './site.svelte';

  const GROUPS = ['Build', 'Prove', 'Deliver'] as const;
  const found = findings();

  /** The worst of what is wrong, and how much of that. */
  function worst(of: FindingView[]) {
    const blocking = of.filter((one) => one.severity === 'blocking').length;
    return {
      severity: blocking ? ('blocking' as const) : ('warning' as const),
      count: blocking || of.length,
    };
  }

  /** Of each screen what is wrong on it. */
  const marks = $derived.by(() => {
    const open = found.all.filter((one) => !one.accepted && one.severity !== 'hint');
    const on = (screen: Screen) =>
      screen.name === 'findings'
        ? open
        : open.filter((one) => screen.kinds.includes(splitRef(one.object)[0]));
    return new Map(SCREENS.map((screen) => [screen.name, worst(on(screen))] as const));
  });

  /** Who may not manage accounts has nothing to do there. */
  function shows(screen: Screen): boolean {
    return screen.name !== 'accounts' || site.rights.has('manage');
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
        {@const mark = marks.get(screen.name)}
        <a
          href={path(screen)}
          aria-current={address.screen === screen.name ? 'page' : undefined}
          class="flex justify-between gap-1 border-l-3 py-0.5 pr-2 pl-3.5 hover:bg-wash {address.screen ===
          screen.name
            ? 'border-reed bg-reed/10 font-semibold'
            : 'border-transparent'}"
          >{screen.title}{#if mark?.count}<span
              class="font-mono text-[13px] {mark.severity === 'blocking' ? 'wrong' : 'text-reed'}"
              title="{mark.count} {mark.severity}"
              >{mark.count}&nbsp;{MARKS[mark.severity]}<span class="sr-only"> {mark.severity}</span></span
            >{/if}</a
        >
      {/each}
    {/if}
  {/each}
</nav>
