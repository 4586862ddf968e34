import 'server-only';
import { AppError } from './appError';
import { rows, run } from './tables';

const mostTries = 8;
const windowMinutes = 10;

/**
 * Counts a try at a secret before it is checked, in the database, so that every instance counts together.
 *
 * @param key what is being guessed (a join code with its bench, an account), never an address alone: a class shares one
 */
export async function countAttempt(key: string): Promise<void> {
  // One statement counts and answers, so that tries at the same moment get different numbers.
  const [row] = await rows<{ tries: number; seconds: number }>(
    `INSERT INTO attempts (attempt_key, tries, window_ends) VALUES (:key, 1, UTC_TIMESTAMP(3) + INTERVAL :minutes MINUTE)
     ON DUPLICATE KEY UPDATE tries = IF(window_ends <= UTC_TIMESTAMP(3), 1, tries + 1),
       window_ends = IF(window_ends <= UTC_TIMESTAMP(3), UTC_TIMESTAMP(3) + INTERVAL :minutes MINUTE, window_ends)
     RETURNING tries, TIMESTAMPDIFF(SECOND, UTC_TIMESTAMP(3), window_ends) AS seconds`,
    { key, minutes: windowMinutes },
  );
  if (row && row.tries > mostTries) {
    throw new AppError(
      'tooManyAttempts',
      `Too many wrong tries. Wait ${Math.max(1, Math.ceil(Number(row.seconds) / 60))} min, or ask the coordinator.`,
    );
  }
}

/** Forgets the tries after a success. */
export async function clearAttempts(key: string): Promise<void> {
  await run('DELETE FROM attempts WHERE attempt_key = :key', { key });
}
