<script lang="ts">
  import { DropdownMenu } from 'bits-ui';
  import type { Snippet } from 'svelte';

  /** A button with a list of things to do. */
  interface Props {
    label: string;
    /** What it is for, where the label does not say so. */
    title?: string;
    items: Snippet<[Snippet<[string, () => void]>]>;
  }
  let { label, title, items }: Props = $props();
</script>

{#snippet item(text: string, then: () => void)}
  <DropdownMenu.Item class="cursor-pointer px-2 py-1 data-[highlighted]:bg-wash" onSelect={then}
    >{text}</DropdownMenu.Item
  >
{/snippet}

<DropdownMenu.Root>
  <DropdownMenu.Trigger
    class={label ? 'plain whitespace-nowrap text-muted' : 'h-6 w-6 text-muted'}
    aria-label={title}
    {title}>{label} {label ? '▾' : '⋮'}</DropdownMenu.Trigger
  >
  <DropdownMenu.Portal>
    <DropdownMenu.Content class="sheet min-w-36 p-1" align="end" sideOffset={4}>
      {@render items(item)}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
