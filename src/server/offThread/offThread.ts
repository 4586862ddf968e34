import 'server-only';
import { AppError } from '../appError';
import { log } from '../log';
import { startWorker } from './startWorker';
import type { Answered, tasks, TaskName } from './tasks';
import type { TaskThread } from './startWorker';

interface Job {
  readonly id: number;
  readonly name: TaskName;
  readonly args: readonly unknown[];
  readonly who: string;
  readonly deadlineMs: number;
  readonly done: (answered: Answered) => void;
}

interface Busy {
  thread: TaskThread | undefined;
  job: Job | undefined;
  timer: ReturnType<typeof setTimeout> | undefined;
}

interface Pool {
  readonly queue: Job[];
  readonly seats: Busy[];
  next: number;
}

const mostWaiting = 60;
const seats = 2;
// One for the process, although its routes are bundled apart.
const holder = globalThis as typeof globalThis & { mozlePool?: Pool };
const pool = (): Pool =>
  (holder.mozlePool ??= {
    queue: [],
    seats: Array.from({ length: seats }, () => ({ thread: undefined, job: undefined, timer: undefined })),
    next: 1,
  });

/**
 * Does a piece of work on another thread, so that nobody else waits for it.
 *
 * @param who whose work it is: of several who wait, nobody gets a second thread before everybody has had one
 * @param deadlineMs after which it is given up
 * @throws AppError refused when it takes longer; unavailable when too much waits already
 */
export async function offThread<N extends TaskName>(
  name: N,
  args: Parameters<(typeof tasks)[N]>,
  { who = '', deadlineMs }: { readonly who?: string; readonly deadlineMs: number },
): Promise<ReturnType<(typeof tasks)[N]>> {
  const { queue } = pool();
  if (queue.length >= mostWaiting)
    throw new AppError('unavailable', 'The server has too much to work out now. Try again in a moment.');
  const answered = await new Promise<Answered>((done) => {
    queue.push({ id: (pool().next += 1), name, args, who, deadlineMs, done });
    serve();
  });
  if (answered.ok) return answered.value as ReturnType<(typeof tasks)[N]>;
  log.warn({ task: name, why: answered.message }, 'off thread');
  throw new AppError('refused', answered.message);
}

/** Gives free seats to who waits. */
function serve(): void {
  const { queue, seats: all } = pool();
  for (const seat of all) {
    if (seat.job || queue.length === 0) continue;
    const served = new Set(all.flatMap(({ job }) => (job ? [job.who] : [])));
    const at = queue.findIndex(({ who }) => !served.has(who));
    const [job] = queue.splice(Math.max(0, at), 1);
    if (job) begin(seat, job);
  }
}

function begin(seat: Busy, job: Job): void {
  seat.thread ??= open(seat);
  seat.job = job;
  seat.timer = setTimeout(() => {
    // A thread at work hears nothing: it is ended, and the next work gets a new one.
    seat.thread?.end();
    seat.thread = undefined;
    finish(seat, { id: job.id, ok: false, message: 'This takes too long to work out. Make it smaller.' });
  }, job.deadlineMs);
  seat.thread.ask({ id: job.id, name: job.name, args: job.args });
}

function open(seat: Busy): TaskThread {
  const thread = startWorker();
  thread.onAnswer((answered) => {
    if (seat.job?.id === answered.id) finish(seat, answered);
  });
  thread.onEnd((why) => {
    if (seat.thread !== thread) return;
    seat.thread = undefined;
    if (!seat.job) return;
    log.error({ task: seat.job.name, why }, 'a thread ended');
    finish(seat, { id: seat.job.id, ok: false, message: 'This could not be worked out here. Make it smaller.' });
  });
  return thread;
}

function finish(seat: Busy, answered: Answered): void {
  const { job, timer } = seat;
  clearTimeout(timer);
  seat.job = undefined;
  seat.timer = undefined;
  job?.done(answered);
  serve();
}
