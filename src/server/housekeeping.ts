import 'server-only';
import { anchorDaily } from './anchors';
import { keptMinutes } from './prints';
import { log } from './log';
import { run } from './tables';

const everyMs = 30 * 60_000;
const firstMs = 60_000;

/** What has served its time and is asked for by nobody: each a statement that may run as often as it likes. */
const chores: readonly string[] = [
  'DELETE FROM attempts WHERE window_ends < UTC_TIMESTAMP(3) LIMIT 10000',
  `DELETE FROM sessions WHERE expires_at < UTC_TIMESTAMP(3) - INTERVAL 1 DAY
     OR revoked_at < UTC_TIMESTAMP(3) - INTERVAL 1 DAY LIMIT 10000`,
  'DELETE FROM devices WHERE seen_at < UTC_TIMESTAMP(3) - INTERVAL 400 DAY LIMIT 10000',
  'DELETE FROM admissions WHERE expires_at < UTC_TIMESTAMP(3) LIMIT 10000',
  'DELETE FROM user_links WHERE expires_at < UTC_TIMESTAMP(3) LIMIT 10000',
  `DELETE FROM prints WHERE created_at < UTC_TIMESTAMP(3) - INTERVAL ${String(keptMinutes)} MINUTE LIMIT 1000`,
  // A tablet that comes back later begins its file again.
  'DELETE FROM files WHERE complete_at IS NULL AND begun_at < UTC_TIMESTAMP(3) - INTERVAL 3 DAY LIMIT 1000',
];

/** Clears away what nobody needs any longer, and anchors the records of the day. */
export async function tidy(): Promise<void> {
  for (const chore of chores) await run(chore);
  await anchorDaily();
}

/** Tidies now and then, as long as the process lives. */
export function keepTidy(): void {
  const work = () => void tidy().catch((error: unknown) => log.warn({ err: error }, 'housekeeping'));
  setTimeout(work, firstMs).unref();
  setInterval(work, everyMs).unref();
}
