<script lang="ts">
  import { figure } from '../../../app/said';
  import { site } from '../../../app/site.svelte';
  import type { RulesView } from '../../../lib/api/types';
  import TokenPopover from '../../../lib/ui/TokenPopover.svelte';
  import { statesOf } from '../hours.svelte';
  import TypeRule from './TypeRule.svelte';

  /** The rules of hours in their order, each with the hours a year that it decides. */
  let { view, body, now }: { view: RulesView; body: unknown[]; now?: string } = $props();

  const key = $derived(view.object.slice('hours/'.length));

  function put(states: unknown[]) {
    site.change(statesOf(key, states)).catch(site.fail.bind(site));
  }

  function move(from: number, by: number) {
    const states = [...body];
    const [one] = states.splice(from, 1);
    states.splice(from + by, 0, one);
    put(states);
  }
</script>

<table class="w-full border-collapse bg-panel">
  <thead>
    <tr class="border-y border-line text-left">
      <th class="w-10 px-5 py-1"></th>
      <th class="px-2 py-1 font-semibold">The first that holds decides</th>
      <th class="w-32 px-2 py-1 text-right font-semibold">hours a year</th>
      <th class="no-print w-40 px-5 py-1"><span class="sr-only">Do</span></th>
    </tr>
  </thead>
  <tbody>
    {#each view.rules as rule, index (index)}
      {@const last = index === view.rules.length - 1}
      {@const words = rule.said.slice(rule.state.length)}
      <tr class="border-b border-line {rule.said === now ? 'bg-wash/60' : ''}">
        <td class="px-5 py-1 text-muted">{index + 1}</td>
        <td class="px-2 py-1">
          {#if site.open}
            <b>{rule.state}</b>
            <TokenPopover label="Rule {index + 1}: {rule.said}" text={words.trim()}>
              {#snippet children(close)}
                <p class="mb-1 text-muted">The rule as words; it is read back while you type.</p>
                <TypeRule hours={key} instead={index} words={rule.said} label="Rule {index + 1}" {close} />
              {/snippet}
            </TokenPopover>
          {:else}<b>{rule.state}</b>{words}{/if}
          {#if rule.said === now}<span class="text-xs text-water">holds on the bench</span>{/if}
        </td>
        <td class="px-2 py-1 text-right font-mono {rule.seconds ? '' : 'text-clay'}"
          >{rule.seconds ? figure(rule.seconds / 3600) : 'never'}</td
        >
        <td class="no-print px-5 py-1 text-right whitespace-nowrap">
          {#if site.open && !last}
            {#if index > 0}<button
                class="link"
                aria-label="Rule {index + 1} up"
                onclick={() => move(index, -1)}>up</button
              >{/if}
            {#if index < view.rules.length - 2}<button
                class="link ml-2"
                aria-label="Rule {index + 1} down"
                onclick={() => move(index, 1)}>down</button
              >{/if}
            <button
              class="link ml-2"
              aria-label="Remove rule {index + 1}"
              onclick={() => put(body.filter((_, place) => place !== index))}>remove</button
            >
          {/if}
        </td>
      </tr>
    {/each}
    {#if site.open}
      <tr class="no-print border-b border-line">
        <td class="px-5 py-1.5 align-top text-muted">+</td>
        <td class="py-1.5 pr-5 pl-2" colspan="3">
          {#key key}<TypeRule hours={key} label="New rule" />{/key}
        </td>
      </tr>
    {/if}
  </tbody>
</table>
