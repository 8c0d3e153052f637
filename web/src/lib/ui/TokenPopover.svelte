<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    text: string;
    open?: boolean;
    class?: string;
    onkeydown?: (event: KeyboardEvent) => void;
    onclosed?: () => void;
    children: Snippet<[() => void]>;
  }
  let {
    label,
    text,
    open = $bindable(false),
    class: style = '',
    onkeydown,
    onclosed,
    children,
  }: Props = $props();

  function close() {
    open = false;
  }
</script>

<Popover.Root bind:open onOpenChange={(now) => !now && onclosed?.()}>
  <Popover.Trigger class="token {style}" aria-label={label} {onkeydown}>{text}</Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class="sheet w-[360px] max-w-[90vw]"
      sideOffset={6}
      align="start"
      collisionPadding={12}
      role="dialog"
      aria-label={label}
    >
      {@render children(close)}
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
