<script lang="ts">
  import { onDestroy } from 'svelte';

  /** Something on an axis that is moved along it: by a pointer, by arrow keys, or by typing where it is to be. */
  interface Props {
    value: number;
    min: number;
    max: number;
    step?: number;
    /** So many of the value's unit are on one pixel. */
    scale: number;
    label: string;
    /** The value as it is said. */
    says: string;
    left: string;
    /** Whether it stands elsewhere than what is kept: then it is painted, and says where. */
    moved: boolean;
    /** Whether it is still being asked what would be there: it is not kept by itself before that is seen. */
    asking: boolean;
    /** Whether the Tab key comes to it. */
    reached?: boolean;
    /** What typed digits mean; nothing while there are too few of them, or where there is no such value. */
    read?: (digits: string) => number | undefined;
    /** It is moved; with Shift held or without. */
    onmove: (value: number, shift: boolean) => void;
    onkeep: () => void;
    ondrop: () => void;
  }
  let {
    value,
    min,
    max,
    step = 1,
    scale,
    label,
    says,
    left,
    moved,
    asking,
    reached = true,
    read = Number,
    onmove,
    onkeep,
    ondrop,
  }: Props = $props();

  /** So long after the last key, and after what it would do is known, it is kept by itself. */
  const SETTLED = 900;
  let settled: ReturnType<typeof setTimeout> | undefined;
  let digits = '';

  function move(to: number, shift: boolean) {
    onmove(Math.min(max, Math.max(min, to)), shift);
  }

  function settle() {
    clearTimeout(settled);
    settled = setTimeout(() => {
      if (!asking) keep();
    }, SETTLED);
  }

  $effect(() => {
    if (!asking && settled !== undefined) settle();
  });

  function keep() {
    unsettle();
    digits = '';
    onkeep();
  }

  function unsettle() {
    clearTimeout(settled);
    settled = undefined;
  }

  function keyed(event: KeyboardEvent) {
    const way = { ArrowRight: 1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[event.key];
    if (way) {
      digits = '';
      move(value + way * step, event.shiftKey);
      settle();
    } else if (/^\d$/.test(event.key)) {
      digits += event.key;
      const to = read(digits);
      if (to !== undefined) {
        move(to, event.shiftKey);
        settle();
      }
    } else if (event.key === 'Enter') {
      keep();
    } else if (event.key === 'Escape' && moved) {
      unsettle();
      digits = '';
      ondrop();
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }

  function grabbed(event: PointerEvent) {
    if (event.button !== 0) return;
    const handle = event.currentTarget as HTMLElement;
    const [begun, before] = [event.clientX, value];
    const over = new AbortController();
    handle.setPointerCapture(event.pointerId);
    const on = (name: 'pointermove' | 'pointerup' | 'pointercancel', then: (now: PointerEvent) => void) =>
      handle.addEventListener(name, then, { signal: over.signal });
    on('pointermove', (now) => {
      const to = Math.round((before + (now.clientX - begun) * scale) / step) * step;
      if (to !== value) move(to, now.shiftKey);
    });
    on('pointerup', () => {
      over.abort();
      keep();
    });
    on('pointercancel', () => {
      over.abort();
      ondrop();
    });
  }

  /** Whoever goes on to something else has set it. */
  function leave() {
    digits = '';
    if (settled !== undefined) keep();
  }

  onDestroy(unsettle);
</script>

<span
  role="slider"
  tabindex={reached ? 0 : -1}
  aria-label={label}
  aria-valuemin={min}
  aria-valuemax={max}
  aria-valuenow={value}
  aria-valuetext={says}
  class="group absolute -inset-y-0.5 z-10 w-3 -translate-x-1/2 cursor-ew-resize touch-none"
  style:left
  onkeydown={keyed}
  onpointerdown={grabbed}
  onblur={leave}
>
  <span
    class="mx-auto block h-full {moved
      ? 'w-0.5 bg-reed'
      : 'w-px bg-transparent group-hover:w-0.5 group-hover:bg-reed group-focus-visible:bg-reed'}"
  ></span>
  {#if moved}
    <span
      class="pointer-events-none absolute top-full left-1/2 z-20 -translate-x-1/2 bg-reed px-1 font-mono text-xs whitespace-nowrap text-on"
      >{says}</span
    >
  {/if}
</span>
