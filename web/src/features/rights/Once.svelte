<script lang="ts">
  /** Something secret that is shown once: to be copied now. */
  let { label, text, about }: { label: string; text: string; about: string } = $props();

  let copied = $state(false);

  async function copy() {
    await navigator.clipboard.writeText(text);
    copied = true;
  }
</script>

<p class="mt-2">
  <label class="text-muted" for="once">{label}</label>
  <input
    id="once"
    class="mt-1 w-full font-mono text-[13px]"
    readonly
    value={text}
    onfocus={(event) => event.currentTarget.select()}
  />
</p>
<p class="mt-1 text-muted">{about}</p>
<p class="mt-2">
  <button class="plain" onclick={() => void copy()}>{copied ? 'Copied' : 'Copy'}</button>
</p>
