import { roundDecimals } from '../../quantity/decimals';

/** One weighing of a series: g as read, its last digit in g, and when. */
export interface SeriesPoint {
  readonly mass: number;
  readonly lastDigit: number;
  /** s since any fixed moment. */
  readonly at: number;
}

/** How a series of weighings stands. */
export type SeriesVerdict = 'none' | 'first' | 'falling' | 'rising' | 'soon' | 'constant';

// A share of the mass within which two weighings agree, if their last digit is finer.
const agreement = 0.002;

/**
 * Constant mass: the last two readings agree within max(1 last digit, 0.2 %), with at least `further_s` of drying between
 * them, and the last three do not fall one after the other (the usual laboratory criterion).
 *
 * @param further_s shortest further drying between two readings, s
 * @example seriesVerdict([{ mass: 2.58, lastDigit: 0.01, at: 0 }, { mass: 2.58, lastDigit: 0.01, at: 600 }], 600) // → 'constant'
 */
export function seriesVerdict(points: readonly SeriesPoint[], further_s: number): SeriesVerdict {
  const [a, b, c] = [points.at(-3), points.at(-2), points.at(-1)];
  if (!c) return 'none';
  if (!b) return 'first';
  const tolerance = Math.max(b.lastDigit, c.lastDigit, agreement * c.mass);
  // Differences of decimals: 2.59 − 2.58 must not miss 0.01 by binary noise.
  const change = Number(roundDecimals(c.mass - b.mass, 9));
  if (change < -tolerance - 1e-12) return 'falling';
  if (change > tolerance + 1e-12) return 'rising';
  if (a && a.mass > b.mass && b.mass > c.mass) return 'falling';
  return c.at - b.at < further_s ? 'soon' : 'constant';
}
