import { work } from '@/server/offThread/tasks';
import type { Answered } from '@/server/offThread/tasks';
import type { TaskThread } from '@/server/offThread/startWorker';

/** Stands for another thread where the test runner cannot start one: the same work, here, a turn later. */
export function startWorker(): TaskThread {
  let listener: (answered: Answered) => void = () => undefined;
  return {
    ask: (asked) => void setImmediate(() => listener(work(asked))),
    onAnswer: (next) => {
      listener = next;
    },
    onEnd: () => undefined,
    end: () => undefined,
  };
}
