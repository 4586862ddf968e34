import 'server-only';
import { AppError } from '../appError';
import { log } from '../log';
import { isAlone, startWorker } from './startWorker';
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

interface Lane {
  readonly queue: Job[];
  readonly seats: Busy[];
}

/** What somebody looks at while they wait has seats of its own: no handout that is being read stands before it. */
const looking: ReadonlySet<TaskName> = new Set([
  'board',
  'versions',
  'reference',
  'referenceFound',
  'referenceHome',
  'entryPage',
  'modelSubstances',
]);
type LaneName = 'looking' | 'working';

interface Pool {
  readonly lanes: Readonly<Record<LaneName, Lane>>;
  next: number;
}

const mostWaiting = 60;
const seatsOfLane = 2;
const lane = (): Lane => ({
  queue: [],
  seats: Array.from({ length: seatsOfLane }, () => ({ thread: undefined, job: undefined, timer: undefined })),
});
// One for the process, although its routes are bundled apart.
const holder = globalThis as typeof globalThis & { mozlePool?: Pool };
const pool = (): Pool => (holder.mozlePool ??= { lanes: { looking: lane(), working: lane() }, next: 1 });

/** How a piece of work is asked for. */
interface AskOptions {
  /** Whose work it is: of several who wait, nobody gets a second thread before everybody has had one. */
  readonly who?: string;
  /** After which it is given up. */
  readonly deadlineMs: number;
  /** Ends it when whoever asked is gone. */
  readonly signal?: AbortSignal;
}

/**
 * Does a piece of work on another thread, so that nobody else waits for it.
 *
 * @throws AppError refused when it takes longer or cannot be done; unavailable when too much waits already; whatever the work refuses
 */
export async function offThread<N extends TaskName>(
  name: N,
  args: Parameters<(typeof tasks)[N]>,
  { who = '', deadlineMs, signal }: AskOptions,
): Promise<Value<N>> {
  if (isAlone()) return inPlace(name, args);
  const to = pool().lanes[looking.has(name) ? 'looking' : 'working'];
  if (to.queue.length >= mostWaiting)
    throw new AppError('unavailable', 'The server has too much to work out now. Try again in a moment.');
  const id = (pool().next += 1);
  const gone = () => cancel(to, id);
  const answered = await new Promise<Answered>((done) => {
    to.queue.push({ id, name, args, who, deadlineMs, done });
    if (signal?.aborted) gone();
    else signal?.addEventListener('abort', gone, { once: true });
    serve(to);
  });
  signal?.removeEventListener('abort', gone);
  return valueOf<N>(name, answered);
}

async function inPlace<N extends TaskName>(name: N, args: Parameters<(typeof tasks)[N]>): Promise<Value<N>> {
  const { work } = await import('./tasks');
  return valueOf<N>(name, await work({ id: 0, name, args }));
}

/** What a task answers. */
type Value<N extends TaskName> = Awaited<ReturnType<(typeof tasks)[N]>>;

function valueOf<N extends TaskName>(name: N, answered: Answered): Value<N> {
  if (answered.ok) return answered.value as Value<N>;
  if (answered.code) throw new AppError(answered.code, answered.message, answered.details);
  log.warn({ task: name, why: answered.message }, 'off thread');
  throw new AppError('refused', 'This could not be worked out here.');
}

const refused = (id: number, message: string): Answered => ({ id, ok: false, code: 'refused', message });

/** Takes a piece of work back: from the queue, or with the thread that is at it. */
function cancel(of: Lane, id: number): void {
  const at = of.queue.findIndex((job) => job.id === id);
  const [waiting] = at < 0 ? [] : of.queue.splice(at, 1);
  waiting?.done(refused(id, 'Nobody waits for it any longer.'));
  const seat = of.seats.find(({ job }) => job?.id === id);
  if (seat) giveUp(of, seat, 'Nobody waits for it any longer.');
}

/** Gives free seats to who waits. */
function serve(of: Lane): void {
  for (const seat of of.seats) {
    if (seat.job || of.queue.length === 0) continue;
    const served = new Set(of.seats.flatMap(({ job }) => (job ? [job.who] : [])));
    const at = of.queue.findIndex(({ who }) => !served.has(who));
    const [job] = of.queue.splice(Math.max(0, at), 1);
    if (job) begin(of, seat, job);
  }
}

function begin(of: Lane, seat: Busy, job: Job): void {
  seat.thread ??= open(of, seat);
  seat.job = job;
  seat.timer = setTimeout(() => giveUp(of, seat, 'This takes too long to work out. Make it smaller.'), job.deadlineMs);
  seat.thread.ask({ id: job.id, name: job.name, args: job.args });
}

/** A thread at work hears nothing: it is ended, and the next work gets a new one. */
function giveUp(of: Lane, seat: Busy, why: string): void {
  seat.thread?.end();
  seat.thread = undefined;
  if (seat.job) finish(of, seat, refused(seat.job.id, why));
}

function open(of: Lane, seat: Busy): TaskThread {
  const thread = startWorker();
  thread.onAnswer((answered) => {
    if (seat.job?.id === answered.id) finish(of, seat, answered);
  });
  thread.onEnd((why) => {
    if (seat.thread !== thread) return;
    seat.thread = undefined;
    if (!seat.job) return;
    log.error({ task: seat.job.name, why }, 'a thread ended');
    finish(of, seat, refused(seat.job.id, 'This could not be worked out here. Make it smaller.'));
  });
  return thread;
}

function finish(of: Lane, seat: Busy, answered: Answered): void {
  const { job, timer } = seat;
  clearTimeout(timer);
  seat.job = undefined;
  seat.timer = undefined;
  job?.done(answered);
  serve(of);
}
