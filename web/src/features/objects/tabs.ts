import { listOf } from '../../app/links';
import type { Screen } from '../../app/screens';
import { site } from '../../app/site.svelte';
import type { Tab } from '../../lib/ui/Tabs.svelte';

/** A tab for each kind of object that a screen is about, with how many there are. */
export function tabsOf(screen: Screen): Tab[] {
  return screen.kinds.map((one) => {
    const section = site.view?.sections.find((known) => known.kind === one);
    return {
      name: one,
      title: section?.several ?? one,
      count: section?.count,
      href: listOf(screen.name, one),
    };
  });
}
