<script lang="ts">
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
    disabled?: boolean;
    onmove: (value: number) => void;
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
    disabled = false,
    onmove,
    onkeep,
    ondrop,
  }: Props = $props();

  /** After the last key it is kept by itself. */
  const SETTLED = 900;
  let settled: ReturnType<typeof setTimeout> | undefined;
  let digits = '';

  function move(to: number) {
    onmove(Math.min(max, Math.max(min, to)));
  }

  function settle() {
    clearTimeout(settled);
    settled = setTimeout(() => onkeep(), SETTLED);
  }

  function keyed(event: KeyboardEvent) {
    const way = { ArrowRight: 1, ArrowLeft: -1, PageUp: 10, PageDown: -10 }[event.key];
    if (way) {
      move(value + way * step);
      settle();
    } else if (/^\d$/.test(event.key)) {
      digits += event.key;
      move(Number(digits));
      settle();
    } else if (event.key === 'Enter') {
      clearTimeout(settled);
      onkeep();
    } else if (event.key === 'Escape') {
      clearTimeout(settled);
      ondrop();
    } else return;
    if (!/^\d$/.test(event.key)) digits = '';
    event.preventDefault();
    event.stopPropagation();
  }

  function grabbed(event: PointerEvent) {
    if (disabled || event.button !== 0) return;
    const handle = event.currentTarget as HTMLElement;
    const [begun, before] = [event.clientX, value];
    handle.setPointerCapture(event.pointerId);
    const dragged = (now: PointerEvent) =>
      move(Math.round((before + (now.clientX - begun) * scale) / step) * step);
    handle.addEventListener('pointermove', dragged);
    handle.addEventListener(
      'pointerup',
      () => {
        handle.removeEventListener('pointermove', dragged);
        onkeep();
      },
      { once: true },
    );
    handle.addEventListener('pointercancel', () => ondrop(), { once: true });
  }
</script>

<span
  role="slider"
  tabindex={disabled ? -1 : 0}
  aria-label={label}
  aria-valuemin={min}
  aria-valuemax={max}
  aria-valuenow={value}
  aria-valuetext={says}
  aria-disabled={disabled}
  class="group absolute inset-y-0 z-10 w-3 -translate-x-1/2 touch-none {disabled ? '' : 'cursor-ew-resize'}"
  style:left
  onkeydown={keyed}
  onpointerdown={grabbed}
  onblur={() => (digits = '')}
>
  <span
    class="mx-auto block h-full w-px bg-transparent group-hover:w-0.5 group-hover:bg-reed group-focus-visible:bg-reed"
  ></span>
</span>
