import { MessageChannel } from 'node:worker_threads';
import { exposeTask, runTask } from './task';
import type { TaskWorker } from './task';

/** A worker that is a port of a channel: what goes over it is copied as between threads. */
function workerWith<Q, A>(task: (question: Q, progress: (done: number) => void) => A) {
  const { port1, port2 } = new MessageChannel();
  exposeTask(task, port2 as unknown as TaskWorker);
  let ended = false;
  const end = () => {
    ended = true;
    port1.close();
    port2.close();
  };
  return {
    start: () => Object.assign(port1, { terminate: end }) as unknown as TaskWorker,
    hasEnded: () => ended,
  };
}

const quiet = () => undefined;

test('a task answers, says how far it is at most a hundred times, and its worker ends', async () => {
  const { start, hasEnded } = workerWith((n: number, progress) => {
    for (let i = 1; i <= 1000; i += 1) progress(i / 1000);
    return n * 2;
  });
  const told: number[] = [];
  const signal = new AbortController().signal;
  expect(await runTask<number, number>(start, 21, { onProgress: (done) => told.push(done), signal })).toBe(42);
  expect(told.length).toBeLessThanOrEqual(101);
  expect(hasEnded()).toBe(true);
});

test('what it refuses is said in its words', async () => {
  const { start, hasEnded } = workerWith(() => {
    throw new RangeError('no such mixture');
  });
  const signal = new AbortController().signal;
  await expect(runTask(start, 0, { onProgress: quiet, signal })).rejects.toThrow('no such mixture');
  expect(hasEnded()).toBe(true);
});

test('cancelled, it is given up at once and its worker is ended', async () => {
  const { start, hasEnded } = workerWith(() => new Promise(() => undefined));
  const own = new AbortController();
  const running = runTask(start, 0, { onProgress: quiet, signal: own.signal });
  own.abort();
  await expect(running).rejects.toMatchObject({ name: 'AbortError' });
  expect(hasEnded()).toBe(true);
  await expect(runTask(start, 0, { onProgress: quiet, signal: own.signal })).rejects.toMatchObject({
    name: 'AbortError',
  });
});
