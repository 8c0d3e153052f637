<script lang="ts">
  /** The mark that stands beside an ending's word, so that colour is never alone. */
  let { kind }: { kind: string } = $props();
  const marks: Record<string, [string, string]> = {
    answered: ['◆', 'text-moss'],
    message: ['■', 'text-plum'],
    outside: ['➜', 'text-slate'],
    ended: ['○', 'text-muted'],
    busy: ['○', 'text-muted'],
    'hung-up': ['○', 'text-muted'],
    barred: ['○', 'text-muted'],
    'no-channel': ['○', 'text-muted'],
    unmatched: ['✕', 'text-clay'],
    lost: ['✕', 'text-clay'],
  };
  const [mark, colour] = $derived(marks[kind] ?? ['●', 'text-slate']);
</script>

<span class={colour} aria-hidden="true">{mark}</span>
