import { expose, transfer, wrap } from 'comlink';
import type { Endpoint } from 'comlink';

/** What a worker does: from a question to an answer, telling how far it is (0 to 1). What it refuses it throws. */
export type Task<Q, A> = (question: Q, progress: (done: number) => void) => A;

/** The same across threads: how far it is goes through a port. */
type Remote<Q, A> = (question: Q, progress: MessagePort) => A;

/** Lets a worker do a task for whoever runs it. */
export function exposeTask<Q, A>(task: Task<Q, A>, at?: Endpoint): void {
  const remote: Remote<Q, A> = (question, port) => {
    let told = 0;
    // A hundred messages are enough for a bar.
    return task(question, (done) => {
      if (done - told < 0.01) return;
      told = done;
      port.postMessage(done);
    });
  };
  expose(remote, at);
}

/** A worker, as far as a task needs it. */
export type TaskWorker = Endpoint & { readonly terminate: () => void };

/**
 * Runs a task in a worker of its own, which ends with it. A worker that is at work hears nothing: cancelled, it is ended.
 *
 * @throws what the task refuses; an `AbortError` when it was cancelled
 */
export async function runTask<Q, A>(
  start: () => TaskWorker,
  question: Q,
  { onProgress, signal }: { readonly onProgress: (done: number) => void; readonly signal: AbortSignal },
): Promise<A> {
  signal.throwIfAborted();
  const worker = start();
  const { port1, port2 } = new MessageChannel();
  port1.onmessage = ({ data }: MessageEvent<number>) => onProgress(data);
  const cancelled = new Promise<never>((_, refuse) => {
    signal.addEventListener('abort', () => refuse(signal.reason), { once: true });
  });
  try {
    const remote = wrap(worker) as unknown as (question: Q, progress: MessagePort) => Promise<A>;
    return await Promise.race([remote(question, transfer(port2, [port2])), cancelled]);
  } finally {
    port1.close();
    worker.terminate();
  }
}
