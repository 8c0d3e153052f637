import { expect, test, vi } from 'vitest';
import { Turns } from './turns';

/** Questions that are answered when the test says so, and those that have been asked until now. */
function questions() {
  const asked: string[] = [];
  const answers = new Map<string, () => void>();
  const ask = (name: string) => () => {
    asked.push(name);
    return new Promise<string>((then) => answers.set(name, () => then(name)));
  };
  return { asked, ask, answer: (name: string) => answers.get(name)?.() };
}

const breath = () => new Promise((then) => setTimeout(then, 5));

test('what stands beside is asked for once what is looked at is there, in whichever order they come', async () => {
  const { asked, ask, answer } = questions();
  const turns = new Turns();
  void turns.second(ask('who reaches it'));
  void turns.first(ask('rows'));
  void turns.first(ask('strip'));
  await breath();
  expect(asked).toEqual(['rows', 'strip']);
  answer('rows');
  await breath();
  expect(asked).toHaveLength(2);
  answer('strip');
  await breath();
  expect(asked.at(-1)).toBe('who reaches it');
});

test('with nothing looked at it is asked for at once, and an answer that fails keeps nobody waiting', async () => {
  const { asked, ask } = questions();
  const turns = new Turns();
  void turns.second(ask('journal'));
  await breath();
  expect(asked).toEqual(['journal']);
  const failing = turns.first(() => Promise.reject(new Error('refused')));
  void turns.second(ask('history'));
  await expect(failing).rejects.toThrow('refused');
  await breath();
  expect(asked).toEqual(['journal', 'history']);
});

test('what takes very long does not keep what stands beside it waiting', async () => {
  vi.useFakeTimers();
  const { asked, ask, answer } = questions();
  const turns = new Turns();
  void turns.first(ask('every path'));
  void turns.second(ask('journal'));
  let settled = false;
  void turns.settled().then(() => (settled = true));
  await vi.advanceTimersByTimeAsync(1000);
  vi.useRealTimers();
  expect(asked).toEqual(['every path', 'journal']);
  // What shows a wish until its answer is there goes on doing so.
  expect(settled).toBe(false);
  answer('every path');
  answer('journal');
  await breath();
  expect(settled).toBe(true);
});
