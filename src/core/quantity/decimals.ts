import { Decimal } from 'decimal.js';

// Doubles carry noise in the 16th digit (2.045 may be 2.04499…): decimal rounding starts from 12 digits.
const trustedDigits = 12;

/** The decimal a double stands for, free of binary noise. NaN and infinities are refused. */
function decimalOf(value: number): Decimal {
  if (!Number.isFinite(value)) throw new RangeError(`cannot round ${value}`);
  return new Decimal(value).toSignificantDigits(trustedDigits, Decimal.ROUND_HALF_UP);
}

/**
 * Rounds half away from zero to a number of decimals.
 *
 * @param decimals 0 to 12
 * @throws RangeError for NaN or an infinite value
 * @example roundDecimals(2.045, 2) // → '2.05'
 */
export function roundDecimals(value: number, decimals: number): string {
  return decimalOf(value).toFixed(decimals, Decimal.ROUND_HALF_UP);
}

/**
 * Rounds half away from zero to significant figures, without an exponent.
 *
 * @param figures 1 to 12
 * @throws RangeError for NaN or an infinite value
 * @example roundFigures(21.8967, 3) // → '21.9'
 */
export function roundFigures(value: number, figures: number): string {
  const decimal = decimalOf(value);
  if (decimal.isZero()) return decimal.toFixed(Math.max(0, figures - 1));
  const rounded = decimal.toSignificantDigits(figures, Decimal.ROUND_HALF_UP);
  return rounded.toFixed(Math.max(0, figures - 1 - rounded.e));
}

/**
 * Rounds half up to a multiple of `step`, written with the decimals of `step`.
 *
 * @param step a positive decimal numeral, as printed on the device
 * @throws RangeError for NaN, an infinite value or a step that is not positive
 * @example roundToStep(2.52, '0.05') // → '2.50'
 */
export function roundToStep(value: number, step: string): string {
  const size = new Decimal(step);
  if (!size.isPositive() || size.isZero()) throw new RangeError(`step ${step} is not positive`);
  const decimals = step.split('.')[1]?.length ?? 0;
  return decimalOf(value).div(size).round().times(size).toFixed(decimals, Decimal.ROUND_HALF_UP);
}

/**
 * Significant figures of a numeral as keyed. Zeros at the end of a whole number count, since a reading is written
 * to the digit that was read.
 *
 * @example figuresOf('0.0650') // → 3
 */
export function figuresOf(digits: string): number {
  const bare = digits
    .replace(/e.*$/i, '')
    .replace(/[^0-9]/g, '')
    .replace(/^0+/, '');
  return Math.max(1, bare.length);
}
