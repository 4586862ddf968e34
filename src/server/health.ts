import 'server-only';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { databaseFault } from './databaseFault';
import { log } from './log';
import { rows } from './tables';
import { shortOfSpace } from './space';
import type { IntervalHistogram } from 'node:perf_hooks';

/** Whether the app can do its work now, and whether somebody should look after it. */
export interface Health {
  readonly status: 'ok' | 'down';
  readonly database: 'ok' | 'unreachable';
  /** Until the database answered, ms; not while it does not. */
  readonly database_ms?: number;
  /** By how much this process's own thread was late lately, at most, ms: work of its own, not the database's. */
  readonly thread_ms: number;
  readonly space: 'ok' | 'low';
}

const patienceMs = 5000;
const resolutionMs = 20;
const windowMs = 30_000;
// One for the process, although its routes are bundled apart.
const holder = globalThis as typeof globalThis & {
  mozleDelay?: { readonly of: IntervalHistogram; since: number };
};

/** How late the thread was at most in the last half minute, ms. */
function threadDelay(now = performance.now()): number {
  if (!holder.mozleDelay) {
    holder.mozleDelay = { of: monitorEventLoopDelay({ resolution: resolutionMs }), since: now };
    holder.mozleDelay.of.enable();
  }
  const { of, since } = holder.mozleDelay;
  // A timer of so many ms that is on time counts as that many.
  const late = Math.max(0, Math.round(of.max / 1e6 - resolutionMs));
  // Not at every look: what comes right after a reset is not counted.
  if (now - since > windowMs) {
    of.reset();
    holder.mozleDelay.since = now;
  }
  return late;
}

/** Asks the database for a sign of life; one that is frozen counts as unreachable. */
export async function health(): Promise<Health> {
  const space = shortOfSpace() === undefined ? 'ok' : 'low';
  const thread_ms = threadDelay();
  const asked = performance.now();
  try {
    await Promise.race([rows('SELECT 1'), late()]);
    return { status: 'ok', database: 'ok', database_ms: Math.round(performance.now() - asked), thread_ms, space };
  } catch (error) {
    log.error({ err: error, expected: databaseFault(error) !== undefined }, 'database unreachable');
    return { status: 'down', database: 'unreachable', thread_ms, space };
  }
}

/** Too late by turns of the loop, not by the clock: while this thread itself stands still, no answer could be heard. */
function late(): Promise<never> {
  const turnMs = 250;
  return new Promise((_, reject) => {
    let left = patienceMs / turnMs;
    const timer = setInterval(() => {
      left -= 1;
      if (left > 0) return;
      clearInterval(timer);
      reject(new Error('no answer in time'));
    }, turnMs);
    timer.unref();
  });
}
