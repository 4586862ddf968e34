import { finding } from '../finding/finding';
import { renderFinding } from './renderFinding';
import type { ParsedAmount } from '../quantity/parseAmount';

/**
 * The sentence for an amount that was refused.
 *
 * @param example an amount that the field would take, with its unit
 */
export function amountFault(refused: Extract<ParsedAmount, { ok: false }>, example: string): string {
  const args = { got: refused.got, units: refused.units.slice(0, 6).join(', '), example };
  return renderFinding(finding(`field.${refused.fault}`, 'stop', {}, args)).says;
}
