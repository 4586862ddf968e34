import { amountFault } from '../finding/amountFault';
import { parseAmount } from '../quantity/parseAmount';
import type { Entered, Role } from '../document/document';

/** A line's amount as one text, the way {@link parseEntered} reads it. */
export function enteredText(entered: Entered): string {
  switch (entered.by) {
    case 'words':
      return entered.text;
    case 'equivalents':
      return `${entered.digits} equiv`;
    case 'molPercent':
      return `${entered.digits} mol %`;
    case 'expected':
      return `${entered.percent} % of the stage`;
    case 'perMass':
      return `${entered.digits} mL/g`;
    default:
      return entered.high === undefined
        ? `${entered.digits} ${entered.unit}`
        : `${entered.digits}–${entered.high} ${entered.unit}`;
  }
}

/**
 * Reads a line's amount in any of the ways the bench writes it: a mass, a volume, an amount, equivalents, mol %, or mL per
 * gram. Aids may also be given in words.
 *
 * @param before what the line holds; a bare number takes its unit, mL/g keeps what it refers to
 * @example parseEntered('1.2 equiv', { by: 'mass', digits: '1', unit: 'g' }, 'reactant') // → { ok: true, value: { by: 'equivalents', digits: '1.2' } }
 */
export function parseEntered(
  text: string,
  before: Entered,
  role: Role,
): { ok: true; value: Entered } | { ok: false; says: string } {
  const words = text.trim();
  if (role === 'aid' && /^\p{L}|^\d+ (or|to) /u.test(words) && words.length <= 80)
    return { ok: true, value: { by: 'words', text: words } };
  const unit = 'unit' in before ? before.unit : undefined;
  const parsed = parseAmount(text, {
    dims: ['mass', 'volume', 'amount', 'number', 'fraction', 'volumePerMass'],
    ...(unit ? { unit } : {}),
  });
  if (!parsed.ok) return { ok: false, says: amountFault(parsed, '2.00 mL, 1.2 equiv or 20 mL/g') };
  const { digits, unit: symbol, q } = parsed.typed;
  if (q.dim === 'mass' || q.dim === 'volume' || q.dim === 'amount')
    return { ok: true, value: { by: q.dim, digits, unit: symbol } };
  if (symbol === 'equiv') return { ok: true, value: { by: 'equivalents', digits } };
  if (symbol === 'mol %') return { ok: true, value: { by: 'molPercent', digits } };
  if (q.dim !== 'volumePerMass')
    return {
      ok: false,
      says: `“${parsed.typed.digits} ${symbol}” is no amount. Use g, mL, mmol, equiv, mol % or mL/g.`,
    };
  const kept =
    before.by === 'perMass'
      ? { of: before.of, ...(before.percent ? { percent: before.percent } : {}) }
      : { of: 'product' };
  return { ok: true, value: { by: 'perMass', digits, ...kept } };
}
