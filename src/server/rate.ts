import 'server-only';
import { AppError } from './appError';

interface Bucket {
  left: number;
  at: number;
}

/** How much may be asked for at once, and how much a second for long. */
interface Rate {
  readonly burst: number;
  readonly perSecond: number;
}

/** Whatever is asked. A tablet that was offline for a period sends some hundred entries one after the other. */
export const anyRate: Rate = { burst: 600, perSecond: 60 };
/** What costs more than a look into the database. */
export const heavyRate: Rate = { burst: 40, perSecond: 4 };

const mostKept = 10_000;
// For this process alone: it protects this process's thread, not a secret.
const buckets = new Map<string, Bucket>();

/**
 * Takes one from what a session (or, before signing in, an address) may ask for.
 *
 * @throws AppError tooManyRequests when there is none left
 */
export function takeFrom(who: string, { burst, perSecond }: Rate, now = performance.now()): void {
  const known = buckets.get(who);
  const left = known ? Math.min(burst, known.left + ((now - known.at) / 1000) * perSecond) : burst;
  buckets.delete(who);
  buckets.set(who, { left: Math.max(0, left - 1), at: now });
  // The one that asked least recently is the first of the map.
  if (buckets.size > mostKept) buckets.delete(buckets.keys().next().value ?? '');
  if (left < 1) throw new AppError('tooManyRequests', 'Too much was asked for at once. Wait a moment.');
}
