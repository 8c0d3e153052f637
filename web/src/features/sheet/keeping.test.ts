import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { FieldView } from '../../lib/api/types';
import { browser } from '../../testing/browser';

browser();
const { Keeping } = await import('./keeping.svelte');

const WAIT = { types: ['duration'] } as unknown as FieldView;
const PIN = { types: ['text'], secret: true } as unknown as FieldView;

/** An answer that the test gives when it likes. */
function answer() {
  let give = () => {};
  let refuse: (failure: unknown) => void = () => {};
  const given = new Promise<void>((resolve, reject) => {
    give = resolve;
    refuse = reject;
  });
  return { given, give, refuse };
}

describe('a value kept from its token', () => {
  const failed = vi.fn();
  const token = {} as HTMLElement;
  let keeping = new Keeping(failed);

  beforeEach(() => {
    vi.useFakeTimers();
    failed.mockReset();
    keeping = new Keeping(failed);
    keeping.token = token;
    keeping.open = true;
    Object.assign(document, { activeElement: token });
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('is said at once, and until what has become of it is there', async () => {
    const { given, give } = answer();
    const kept = keeping.keep(WAIT, '2m30s', undefined, () => given);
    expect(keeping.said).toBe('2 min 30 s');
    expect(keeping.open).toBe(true);
    give();
    await kept;
    expect(keeping.open).toBe(false);
    await vi.runAllTimersAsync();
    expect(keeping.said).toBeUndefined();
  });

  it('does not keep its popover open for an answer that is late', async () => {
    const { given, give } = answer();
    const kept = keeping.keep(WAIT, 'mailbox/late', 'Late', () => given);
    await vi.advanceTimersByTimeAsync(200);
    expect([keeping.open, keeping.said]).toEqual([false, 'Late']);
    give();
    await kept;
  });

  it('leaves a popover open that was opened again meanwhile', async () => {
    const { given, give } = answer();
    const kept = keeping.keep(WAIT, '20s', undefined, () => given);
    await vi.advanceTimersByTimeAsync(200);
    keeping.open = true;
    give();
    await kept;
    expect(keeping.open).toBe(true);
  });

  it('that is refused at once leaves the popover open', async () => {
    const kept = keeping.keep(WAIT, 'soon', undefined, () => Promise.reject(new Error('no')));
    await expect(kept).rejects.toThrow('no');
    expect([keeping.open, keeping.said, keeping.refused]).toEqual([true, undefined, undefined]);
  });

  it('that is refused late opens it again, where the keys still are at the token', async () => {
    const { given, refuse } = answer();
    const kept = keeping.keep(WAIT, 'soon', undefined, () => given);
    await vi.advanceTimersByTimeAsync(200);
    refuse('no');
    await expect(kept).rejects.toBe('no');
    expect([keeping.open, keeping.said]).toEqual([true, undefined]);
    expect(keeping.refused).toEqual({ wanted: 'soon', failure: 'no' });
    expect(failed).not.toHaveBeenCalled();
    keeping.leave();
    expect([keeping.open, keeping.refused]).toEqual([false, undefined]);
  });

  it('that is refused when somebody has gone on is said without taking the keys', async () => {
    const { given, refuse } = answer();
    const kept = keeping.keep(WAIT, 'soon', undefined, () => given);
    await vi.advanceTimersByTimeAsync(200);
    Object.assign(document, { activeElement: {} });
    refuse('no');
    await expect(kept).rejects.toBe('no');
    expect(keeping.open).toBe(false);
    expect(failed).toHaveBeenCalledWith('no');
    expect(keeping.refused).toBeDefined();
  });

  it('says the last of two, whichever is answered first', async () => {
    const one = answer();
    const other = answer();
    const first = keeping.keep(WAIT, '10s', undefined, () => one.given);
    const second = keeping.keep(WAIT, '20s', undefined, () => other.given);
    one.give();
    await first;
    await vi.runAllTimersAsync();
    expect(keeping.said).toBe('20 s');
    other.give();
    await second;
  });

  it('is never said where it is secret, nor where it is more than one text', () => {
    void keeping.keep(PIN, '4711', undefined, () => Promise.resolve());
    expect(keeping.said).toBe('kept, not shown');
    void keeping.keep(WAIT, { extension: '2010' }, undefined, () => Promise.resolve());
    expect(keeping.said).toBeUndefined();
  });
});
