import 'server-only';
import { log } from './log';
import { rows } from './tables';

/** Whether the app can do its work now. */
export async function health(): Promise<{ readonly status: 'ok' | 'down'; readonly database: 'ok' | 'unreachable' }> {
  try {
    await rows('SELECT 1');
    return { status: 'ok', database: 'ok' };
  } catch (error) {
    log.error({ err: error }, 'database unreachable');
    return { status: 'down', database: 'unreachable' };
  }
}
