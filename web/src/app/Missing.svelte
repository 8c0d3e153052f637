<script lang="ts">
  import Empty from '../lib/ui/Empty.svelte';
</script>

<main id="content">
  <Empty title="There is no screen at this address">
    <a class="link" href="/">To the sites</a>
  </Empty>
</main>
