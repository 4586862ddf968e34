import 'server-only';
import { AppError } from './appError';

interface Bucket {
  left: number;
  at: number;
}

/** How much may be asked for at once, and how much a second for long. */
export interface Rate {
  readonly burst: number;
  readonly perSecond: number;
}

/**
 * What one person, or one bench with all its tablets, may ask for, in the costs of the permission table. A tablet that was offline for a
 * period sends some hundred entries one after the other.
 */
export const share: Rate = { burst: 1000, perSecond: 60 };
/** What one person may send, kB. A bench sends some photos of 300 kB a period. */
export const sentShare: Rate = { burst: 150_000, perSecond: 500 };
/** Entries of one bench or person. */
export const entryShare: Rate = { burst: 900, perSecond: 10 };

const mostKept = 10_000;
// For this process alone, all its routes and pages together: it protects this process's thread, not a secret.
const holder = globalThis as typeof globalThis & { mozleBuckets?: Map<string, Bucket> };

/**
 * Takes from what a person (or, before signing in, an address) may ask for.
 *
 * @throws AppError tooManyRequests when there is not enough left; then nothing is taken
 */
export function takeFrom(who: string, { burst, perSecond }: Rate, cost = 1, now = performance.now()): void {
  const buckets = (holder.mozleBuckets ??= new Map());
  const known = buckets.get(who);
  const left = known ? Math.min(burst, known.left + ((now - known.at) / 1000) * perSecond) : burst;
  const enough = left >= cost;
  buckets.delete(who);
  buckets.set(who, { left: enough ? left - cost : left, at: now });
  // The one that asked least recently is the first of the map.
  if (buckets.size > mostKept) buckets.delete(buckets.keys().next().value ?? '');
  if (!enough) throw new AppError('tooManyRequests', 'Too much was asked for at once. Wait a moment.');
}
