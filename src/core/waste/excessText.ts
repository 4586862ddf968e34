import { even_mol } from './acidIn';
import { format } from '../quantity/format';

/**
 * Acid or base of something that is poured away, as every page tells it.
 *
 * @param excess_mol base in excess; negative of acid; nothing where it has neither
 * @example [excessText(-0.012).replace(/\s/g, ' '), excessText(0), excessText(undefined)] // → ['12 mmol acid', 'neutral', '']
 */
export function excessText(excess_mol: number | undefined): string {
  if (excess_mol === undefined) return '';
  if (Math.abs(excess_mol) < even_mol) return 'neutral';
  const amount = format({ dim: 'amount', value: Math.abs(excess_mol) }, 'mmol', { figures: 2 });
  return `${amount} ${excess_mol > 0 ? 'base' : 'acid'}`;
}
