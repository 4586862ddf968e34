import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import type { Dim } from '../quantity/dims';
import type { Worked } from '../quantity/worked';

/** How the benches of a class lie. */
export interface Spread<D extends Dim = Dim> {
  readonly n: number;
  readonly median: Worked<D>;
  readonly low: Worked<D>;
  readonly high: Worked<D>;
  /** Indices of the values that lie far from the rest; none are called so among fewer than five. */
  readonly outliers: readonly number[];
}

const fewest = 5;
// Modified z-score: 0.6745·|x − median|/MAD over 3.5 is an outlier.
const consistency = 0.6745;
const limit = 3.5;

/**
 * Median, range and outliers of a class. Outliers by the modified z-score (Iglewicz and Hoaglin, How to detect and handle
 * outliers, 1993), which a single wild value cannot hide from.
 *
 * @param values one of each bench that has one
 * @param least deviations below this are never called outliers, canonical unit: apparatus that agree to the last digit
 */
export function spread<D extends Dim>(values: readonly Worked<D>[], least = 0): Spread<D> | undefined {
  const sorted = [...values].sort((a, b) => a.q.value - b.q.value);
  const [low, high] = [sorted[0], sorted.at(-1)];
  if (!low || !high) return undefined;
  const middle = medianOf(sorted.map(({ q }) => q.value));
  const deviations = values.map(({ q }) => Math.abs(q.value - middle));
  const mad = medianOf([...deviations].sort((a, b) => a - b));
  const far = (deviation: number) => deviation > least && deviation * consistency > limit * mad;
  return {
    n: values.length,
    median: derive({
      formula: 'median',
      dim: low.q.dim,
      unit: low.unit,
      value: middle,
      inputs: Object.fromEntries(values.map((one, i) => [`x_${i + 1}`, fromWorked(one)])),
      figures: Math.max(...values.map(({ figures }) => figures)),
      quotient: false,
    }),
    low,
    high,
    outliers: values.length < fewest ? [] : deviations.flatMap((deviation, i) => (far(deviation) ? [i] : [])),
  };
}

/** Middle of sorted numbers, the mean of the two middle ones when their count is even. */
function medianOf(sorted: readonly number[]): number {
  const half = Math.floor(sorted.length / 2);
  const upper = sorted[half] as number;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] as number) + upper) / 2;
}
