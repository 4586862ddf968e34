import { roundDecimals, roundFigures } from './decimals';
import { fromCanonical } from './units';
import type { Quantity } from './dims';

/** How many digits to print: significant figures, or decimals where a column must line up. */
export interface FormatOptions {
  readonly figures?: number;
  readonly decimals?: number;
}

// A no-break space before a unit; degrees take a thin one.
const space = (unit: string) => (unit === '°C' ? '\u202f' : '\u00a0');

/**
 * Writes a quantity for a person: rounded half up, a true minus sign, a no-break space before the unit.
 * The product's only place where a computed number becomes text.
 *
 * @param unit a unit of the quantity's kind, '' for a bare number
 * @param options default three significant figures
 * @returns '—' for a value that is not finite
 * @example format({ dim: 'amount', value: 0.021896 }, 'mmol') // → '21.9 mmol'
 */
export function format(q: Quantity, unit: string, options: FormatOptions = {}): string {
  const digits = formatDigits(q, unit, options);
  if (unit === '' || digits === '—') return digits;
  return unit === '×' ? `×${space(unit)}${digits}` : `${digits}${space(unit)}${unit}`;
}

/**
 * The number of {@link format} without its unit.
 *
 * @example formatDigits({ dim: 'mass', value: 2.0434 }, 'g', { decimals: 2 }) // → '2.04'
 */
export function formatDigits(q: Quantity, unit: string, options: FormatOptions = {}): string {
  const value = fromCanonical(q.value, unit);
  if (!Number.isFinite(value)) return '—';
  const text =
    options.decimals === undefined ? roundFigures(value, options.figures ?? 3) : roundDecimals(value, options.decimals);
  return text.replace('-', '−');
}
