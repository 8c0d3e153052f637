<script lang="ts">
  import NumbersReached from './NumbersReached.svelte';
  import { askReached } from './reached.svelte';

  /** Who comes to an object, in what stands beside its view. */
  let { object }: { object: string } = $props();

  const reached = askReached(() => object);
</script>

<section class="mt-3 border-t border-line pt-3">
  <h3 class="font-semibold">Who comes here</h3>
  {#if reached.data?.numbers.length}
    <NumbersReached numbers={reached.data.numbers} />
  {:else if reached.isError}
    <p class="wrong mt-1">{String(reached.error)}</p>
  {:else}
    <p class="mt-1 text-muted">
      {reached.isSuccess ? 'no call to a number of this plan' : 'Following every call.'}
    </p>
  {/if}
</section>
