<script lang="ts">
  /** How far work is that takes longer, with a way to stop it. */
  interface Props {
    label: string;
    done: number;
    of: number;
    stop?: () => void;
  }
  let { label, done, of, stop }: Props = $props();
</script>

<p class="flex items-center gap-3" role="status">
  <span>{label}</span>
  <progress class="h-2 w-40" value={done} max={of} aria-label={label}></progress>
  <span class="font-mono text-muted">{done} of {of}</span>
  {#if stop}<button class="plain" onclick={stop}>Stop</button>{/if}
</p>
