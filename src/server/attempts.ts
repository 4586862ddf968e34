import 'server-only';
import { AppError } from './appError';
import { rows, run } from './tables';
import type { Transaction } from 'sequelize';

const windowMinutes = 10;

/** How many wrong tries something may take in ten minutes, and whatever it is known by. ASCII, at most 160 characters. */
export interface Budget {
  readonly key: string;
  readonly most: number;
}

/** Tries at one secret: a bench's PIN, an account's password. */
const mostForOne = 8;

/** Budgets of all that tries at secrets have in common. A class of benches shares one address, so that one is wide. */
export const sharedBudgets = (address: string): readonly Budget[] => [
  { key: `address:${addressKey(address)}`, most: 120 },
  { key: 'everywhere', most: 2000 },
];

/**
 * Budgets of one try at a secret, the narrowest first.
 *
 * @param subject what the secret opens: the id of a row, not what was typed, which has many spellings
 * @param code the class whose benches are tried together
 */
export function budgetsOf(subject: string, address: string, code?: string): readonly Budget[] {
  return [
    { key: `secret:${subject}`, most: mostForOne },
    ...(code === undefined ? [] : [{ key: `code:${code}`, most: 60 }]),
    ...sharedBudgets(address),
  ];
}

/** The budget of a device on which the subject has signed in before: strangers cannot use it up. */
export const deviceBudgets = (device: string, subject: string): readonly Budget[] => [
  { key: `device:${device.slice(0, 40)}:${subject}`, most: mostForOne },
];

/**
 * Counts a try before it is checked, in the database, so that every instance counts together.
 *
 * @throws AppError tooManyAttempts when one of the budgets is used up; wider ones are not charged then
 */
export async function spend(budgets: readonly Budget[]): Promise<void> {
  for (const { key, most } of budgets) {
    // One statement counts and answers, so that tries at the same moment get different numbers.
    const [row] = await rows<{ tries: number; seconds: number }>(
      `INSERT INTO attempts (attempt_key, tries, window_ends) VALUES (:key, 1, UTC_TIMESTAMP(3) + INTERVAL :minutes MINUTE)
       ON DUPLICATE KEY UPDATE tries = IF(window_ends <= UTC_TIMESTAMP(3), 1, tries + 1),
         window_ends = IF(window_ends <= UTC_TIMESTAMP(3), UTC_TIMESTAMP(3) + INTERVAL :minutes MINUTE, window_ends)
       RETURNING tries, TIMESTAMPDIFF(SECOND, UTC_TIMESTAMP(3), window_ends) AS seconds`,
      { key, minutes: windowMinutes },
    );
    if (row && row.tries > most) {
      throw new AppError(
        'tooManyAttempts',
        `Too many wrong tries. Wait ${Math.max(1, Math.ceil(Number(row.seconds) / 60))} min; at a bench, the demonstrator can let this tablet in.`,
      );
    }
  }
}

/**
 * Takes from what somebody may make in ten minutes, counted for all instances together.
 *
 * @throws AppError tooManyRequests with what was asked for, in words
 */
export async function spendShare(key: string, most: number, says: string): Promise<void> {
  await spend([{ key, most }]).catch((error: unknown) => {
    throw error instanceof AppError ? new AppError('tooManyRequests', says) : error;
  });
}

/** Gives back what a try that was right had spent: the subject's own budget whole, of the shared ones this try. */
export async function giveBack(budgets: readonly Budget[]): Promise<void> {
  const [own, ...shared] = budgets;
  if (own) await run('DELETE FROM attempts WHERE attempt_key = :key', { key: own.key });
  for (const { key } of shared)
    await run('UPDATE attempts SET tries = tries - 1 WHERE attempt_key = :key AND tries > 0', { key });
}

/** Forgets the wrong tries at a secret, when there is a new one. */
export async function forgetTries(subject: string, transaction?: Transaction): Promise<void> {
  await run('DELETE FROM attempts WHERE attempt_key = :key', { key: `secret:${subject}` }, transaction);
}

/** A host of the sixth version has 2⁶⁴ addresses of its own: they count as one. */
function addressKey(address: string): string {
  const bare = address.replace(/^::ffff:/, '');
  return bare.includes(':') ? bare.split(':').slice(0, 4).join(':') : bare.slice(0, 60);
}
