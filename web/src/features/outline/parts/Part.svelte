<script lang="ts">
  import { site } from '../../../app/site.svelte';
  import type { PartView, Wish } from '../../../lib/api/types';
  import EndMark from '../../../lib/ui/EndMark.svelte';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';
  import { editorOf } from './editors';

  let { part }: { part: PartView } = $props();

  const STYLES: Record<string, string> = {
    plain: '',
    strong: 'font-semibold',
    muted: 'text-muted',
    digits: 'font-mono text-[13px]',
    key: 'keycap',
    answered: 'font-semibold text-moss',
    message: 'font-semibold text-plum',
    outside: 'font-semibold text-slate',
    ended: 'font-semibold text-muted',
    lost: 'font-semibold text-clay',
  };
  const ENDS = ['answered', 'message', 'outside', 'ended', 'lost'];
</script>

{#if part.edit}
  {@const token = part.edit}
  {@const Editor = editorOf(token.type)}
  <TokenPopover label="{part.text}: change" text={part.text} class={STYLES[part.style]}>
    {#snippet children(close)}
      <Editor
        {token}
        save={async (wishes: Wish[]) => {
          await site.change(...wishes);
          close();
        }}
      />
    {/snippet}
  </TokenPopover>
{:else}
  <span class={STYLES[part.style]}
    >{part.text}{#if ENDS.includes(part.style)}&nbsp;<EndMark kind={part.style} />{/if}</span
  >
{/if}
