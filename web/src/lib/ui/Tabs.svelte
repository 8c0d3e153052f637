<script lang="ts" module>
  /** A view of a screen, with an address of its own. */
  export interface Tab {
    name: string;
    title: string;
    count?: number;
    href: string;
  }
</script>

<script lang="ts">
  /** Views of one screen. */
  let { tabs, current, label }: { tabs: Tab[]; current: string; label: string } = $props();
</script>

<nav class="flex flex-wrap gap-x-5 border-b border-line" aria-label={label}>
  {#each tabs as tab (tab.name)}
    <a
      href={tab.href}
      aria-current={tab.name === current ? 'page' : undefined}
      class="-mb-px border-b-2 py-1 {tab.name === current
        ? 'border-reed font-semibold'
        : 'border-transparent text-muted hover:text-ink'}"
      ><span class="first-letter:uppercase inline-block">{tab.title}</span>
      {#if tab.count !== undefined}<span class="font-mono text-[13px] text-muted">{tab.count}</span>{/if}</a
    >
  {/each}
</nav>
