import { formatDigits } from './format';
import { fromCanonical } from './units';
import { roundFigures } from './decimals';
import type { Worked } from './worked';

/** A number and its uncertainty as they are printed. */
export interface Uncertain {
  readonly digits: string;
  /** Without sign; absent when none is known. */
  readonly u?: string;
}

const readings: ReadonlySet<string> = new Set(['asRead', 'asTyped']);
const decimalsOf = (digits: string) => digits.split('.')[1]?.length ?? 0;

/**
 * A value and its standard uncertainty, ending at the same decimal: a result is rounded to the last figure of its uncertainty, of
 * which one is kept (GUM, 7.2.6). A reading stays as it was read; where the device is finer than what was read, half a unit of the
 * last digit stands beside it.
 *
 * @example withUncertainty({ q: { dim: 'mass', value: 2.6 }, u: 0.0041, figures: 3, unit: 'g', formula: 'byDifference', inputs: {}, certain: 'measured' }) // → { digits: '2.600', u: '0.004' }
 */
export function withUncertainty(worked: Worked): Uncertain {
  const { q, u, unit, figures, formula } = worked;
  const plain = formatDigits(q, unit, { figures });
  if (u === undefined || !(u > 0) || !Number.isFinite(u)) return { digits: plain };
  // A difference of temperatures, not a temperature: the zero of the scale plays no part.
  const size = Math.abs(fromCanonical(q.value + u, unit) - fromCanonical(q.value, unit));
  if (!(size > 0)) return { digits: plain };
  const rounded = roundFigures(size, 1);
  const decimals = decimalsOf(rounded);
  if (readings.has(formula)) {
    const read = decimalsOf(plain);
    if (decimals > read) return { digits: plain, u: roundFigures(0.5 * 10 ** -read, 1) };
    return { digits: plain, u: formatDigits({ ...q, value: u }, unit, { decimals: read }) };
  }
  return { digits: formatDigits(q, unit, { decimals: Math.min(decimals, 9) }), u: rounded };
}

/**
 * A loss as it is printed: what is below a hundredth of a gram says so, since no difference of weighings shows it.
 *
 * @example lossDigits(0.034) // → '0.03'
 */
export function lossDigits(grams: number): string {
  if (grams < 0.01 && grams > 0) return '<\u00a00.01';
  return formatDigits({ dim: 'mass', value: grams }, 'g', { decimals: 2 });
}
