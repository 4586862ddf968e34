import 'server-only';
import { Worker } from 'node:worker_threads';
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

/** Starts a thread. It keeps no process alive by itself. */
export function startWorker(): TaskThread {
  // A script of an operator and the tests run the sources themselves: there nobody else waits, and the work is done in place.
  return config.isBuilt ? thread() : inPlace();
}

function thread(): TaskThread {
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

function inPlace(): TaskThread {
  let listener: (answered: Answered) => void = () => undefined;
  return {
    ask: (asked) => void import('./tasks').then(({ work }) => listener(work(asked))),
    onAnswer: (next) => {
      listener = next;
    },
    onEnd: () => undefined,
    end: () => undefined,
  };
}
