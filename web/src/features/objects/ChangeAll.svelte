<script lang="ts">
  import { site } from '../../app/site.svelte';
  import type { KindView } from '../../lib/api/types';
  import Dialog from '../../lib/ui/Dialog.svelte';
  import ValueEditor from '../sheet/parts/ValueEditor.svelte';
  import { takesLeaf } from '../sheet/fields';

  /** Changes one field of many objects, as one edit. */
  let { open = $bindable(), kind, objects }: { open: boolean; kind: KindView; objects: string[] } = $props();

  let name = $state('');
  const fields = $derived(kind.fields.filter((field) => takesLeaf(field) && field.name !== 'number'));
  const field = $derived(fields.find((one) => one.name === name));
</script>

<Dialog
  bind:open
  title="Change a field of {objects.length} {kind.several}"
  about="One edit, which can be undone as a whole."
>
  <label class="block"
    >Field
    <select class="ml-2" bind:value={name}>
      <option value="">choose</option>
      {#each fields as one (one.name)}<option value={one.name}>{one.title}</option>{/each}
    </select></label
  >
  {#if field}
    {#key name}
      <div class="mt-3">
        <ValueEditor
          form={field}
          kind={kind.kind}
          object="{kind.kind} marked"
          at={'/' + field.name}
          value={undefined}
          save={async (value) => {
            await site.change(
              ...objects.map((object) => ({ set: { object, field: '/' + name, value: value ?? null } })),
            );
            open = false;
          }}
        />
      </div>
    {/key}
  {/if}
</Dialog>
