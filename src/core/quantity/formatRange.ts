import { format, formatDigits } from './format';
import type { Worked } from './worked';

/**
 * Two numbers of one kind as a range, with an en dash and the unit once.
 *
 * @returns for example "113.2–114.6 °C"
 * @example formatRange({ q: { dim: 'mass', value: 2.4 }, figures: 2, unit: 'g' }, { q: { dim: 'mass', value: 2.9 }, figures: 2, unit: 'g' }) // → '2.4–2.9 g'
 */
export function formatRange(low: Worked, high: Worked): string {
  const figures = Math.max(low.figures, high.figures);
  return `${formatDigits(low.q, low.unit, { figures: low.figures })}–${format(high.q, high.unit, { figures })}`;
}
