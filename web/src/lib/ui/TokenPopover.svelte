<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    text: string;
    open?: boolean;
    /** What opens it. */
    button?: HTMLElement;
    class?: string;
    onkeydown?: (event: KeyboardEvent) => void;
    onclosed?: () => void;
    children: Snippet<[() => void]>;
  }
  let {
    label,
    text,
    open = $bindable(false),
    button = $bindable(),
    class: style = '',
    onkeydown,
    onclosed,
    children,
  }: Props = $props();

  /** Hundreds of tokens are on a screen, of which few are ever opened: what opens is made with the first time. */
  let used = $state(false);

  $effect(() => {
    if (open) used = true;
  });

  function close() {
    open = false;
  }
</script>

<button
  bind:this={button}
  type="button"
  class="token {style}"
  aria-label={label}
  aria-haspopup="dialog"
  aria-expanded={open}
  {onkeydown}
  onclick={() => {
    used = true;
    open = !open;
  }}>{text}</button
>
{#if used}
  <Popover.Root bind:open onOpenChange={(now) => !now && onclosed?.()}>
    <Popover.Portal>
      <Popover.Content
        class="sheet max-h-[var(--bits-popover-content-available-height)] w-[360px] max-w-[90vw] overflow-y-auto"
        customAnchor={button}
        sideOffset={6}
        align="start"
        collisionPadding={12}
        role="dialog"
        aria-label={label}
        onInteractOutside={(event) => {
          // The token itself turns it off again, which it would else turn on.
          if (button?.contains(event.target as Node)) event.preventDefault();
        }}
        onCloseAutoFocus={(event) => {
          event.preventDefault();
          button?.focus();
        }}
      >
        {@render children(close)}
      </Popover.Content>
    </Popover.Portal>
  </Popover.Root>
{/if}
