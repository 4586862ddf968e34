import 'server-only';
import { isMainThread, Worker } from 'node:worker_threads';
import { config } from '../config';
import type { Answered, Asked } from './tasks';

/** Another thread that does one piece of work at a time. */
export interface TaskThread {
  readonly ask: (asked: Asked) => void;
  readonly onAnswer: (listener: (answered: Answered) => void) => void;
  /** It broke and answers nothing any longer. */
  readonly onEnd: (listener: (why: string) => void) => void;
  readonly end: () => void;
}

const mostMemoryMb = 768;

/**
 * Whether there is nobody else to keep waiting: scripts of an operator and the tests run the sources themselves, and on another thread
 * what a piece of work asks for is its own. There the work is done in place.
 */
export const isAlone = (): boolean => !config.isBuilt || !isMainThread;

/** Starts a thread. It keeps no process alive by itself. */
export function startWorker(): TaskThread {
  const worker = new Worker(new URL('./taskWorker.ts', import.meta.url), {
    resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
  });
  worker.unref();
  return {
    ask: (asked) => worker.postMessage(asked),
    onAnswer: (listener) => void worker.on('message', listener),
    onEnd: (listener) => {
      worker.on('error', (error) => listener(error.message));
      worker.on('exit', (code) => listener(`ended with ${code}`));
    },
    end: () => void worker.terminate(),
  };
}
