import 'server-only';
import { databaseFault } from './databaseFault';
import { log } from './log';
import { rows } from './tables';
import { shortOfSpace } from './space';

/** Whether the app can do its work now, and whether somebody should look after it. */
export interface Health {
  readonly status: 'ok' | 'down';
  readonly database: 'ok' | 'unreachable';
  readonly space: 'ok' | 'low';
}

const patienceMs = 5000;

/** Asks the database for a sign of life; one that is frozen counts as unreachable. */
export async function health(): Promise<Health> {
  const space = shortOfSpace() === undefined ? 'ok' : 'low';
  try {
    await Promise.race([rows('SELECT 1'), late()]);
    return { status: 'ok', database: 'ok', space };
  } catch (error) {
    log.error({ err: error, expected: databaseFault(error) !== undefined }, 'database unreachable');
    return { status: 'down', database: 'unreachable', space };
  }
}

function late(): Promise<never> {
  return new Promise((_, reject) => {
    setTimeout(() => reject(new Error('no answer in time')), patienceMs).unref();
  });
}
