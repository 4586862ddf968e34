import 'server-only';
import { database } from './database';
import type { Transaction } from 'sequelize';

const tries = 5;
const longestPauseMs = 25;

/**
 * Runs statements as one. When another writer came first, everything is undone and done again, from the beginning: `work` may
 * run several times and keeps nothing from one run to the next.
 */
export async function inTransaction<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await database().transaction(work);
    } catch (error) {
      if (attempt >= tries || !isOvertaken(error)) throw error;
      // Those who met once must not meet again at the same moment.
      await new Promise((next) => setTimeout(next, Math.random() * longestPauseMs * attempt));
    }
  }
}

/**
 * Whether another writer came first: a deadlock, in a cluster a certification that failed at commit (both 1213), or the very
 * same row stored through another node a moment ago (1062). The next try sees what the other one did.
 */
function isOvertaken(error: unknown): boolean {
  const { errno } = (error as { original?: { errno?: number } }).original ?? {};
  return errno === 1213 || errno === 1062;
}
