import 'server-only';
import { AppError } from './appError';

/** Numbers with which MariaDB says that it cannot work now: too many connections, disk full, read-only, time or lock exceeded. */
const passing = new Set([1021, 1028, 1030, 1040, 1053, 1114, 1205, 1290, 1317, 1836, 1969, 3024]);
const away = /Connection(Error|Refused|TimedOut|Acquire)|HostNot|AccessDenied/;

/**
 * An expected refusal when the database is away, frozen, full or too slow; nothing when the error is another one. It is not known
 * whether the statement took effect.
 */
export function databaseFault(error: unknown): AppError | undefined {
  const { name = '', original } = error as { name?: string; original?: { errno?: number; fatal?: boolean } };
  const isAway = away.test(name) || original?.fatal === true || passing.has(original?.errno ?? 0);
  if (!isAway) return undefined;
  return new AppError(
    'unavailable',
    'The server cannot reach its database now. What was sent may or may not be stored: it stays here and is sent again.',
  );
}
