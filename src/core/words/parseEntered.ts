import { amountFault } from './amountFault';
import { parseAmount } from '../quantity/parseAmount';
import type { Entered, LineRole } from '../document/document';

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

/** What a text is read against. */
export interface EnteredBefore {
  /** What the line holds; a bare number takes its unit, mL/g keeps what it refers to. */
  readonly entered: Entered;
  readonly role: LineRole;
  /** It is taken from a stage: a per cent of what the stage can be at most is an amount then. */
  readonly supplied?: boolean;
}

type Parsed = { readonly ok: true; readonly value: Entered } | { readonly ok: false; readonly says: string };

const rangeOf = /^([\d.]+)\s*(?:–|-|to)\s*([\d.]+)(\s*\D*)$/;

/**
 * Reads a line's amount in any of the ways the bench writes it: a mass, a volume, an amount, a range of one of these, equivalents, mol %,
 * or mL per gram; what is taken from a stage also as per cent of it. Aids may be given in words.
 *
 * @example parseEntered('1.2 equiv', { entered: { by: 'mass', digits: '1', unit: 'g' }, role: 'reactant' }) // → { ok: true, value: { by: 'equivalents', digits: '1.2' } }
 */
export function parseEntered(text: string, { entered: before, role, supplied = false }: EnteredBefore): Parsed {
  const words = text.trim();
  if (role === 'aid' && /^\p{L}|^\d+ (or|to) /u.test(words) && words.length <= 80)
    return { ok: true, value: { by: 'words', text: words } };
  const share = /^(\d{1,3}(?:\.\d{1,3})?)\s*%(?: of the stage)?$/.exec(words)?.[1];
  if (supplied && share !== undefined)
    return Number(share) > 0 && Number(share) <= 100
      ? { ok: true, value: { by: 'expected', percent: share } }
      : { ok: false, says: 'More than 0 and at most 100 % of what the stage can be.' };
  const [, low, high, unit = ''] = rangeOf.exec(words) ?? [];
  if (low === undefined || high === undefined) return parseSingle(text, before);
  const [from, to] = [parseSingle(`${low}${unit}`, before), parseSingle(`${high}${unit}`, before)];
  if (!from.ok) return from;
  if (!to.ok) return to;
  const [a, b] = [from.value, to.value];
  if ((a.by !== 'mass' && a.by !== 'volume' && a.by !== 'amount') || a.by !== b.by)
    return { ok: false, says: 'A range is one of g, mL or mmol.' };
  return Number(b.digits) > Number(a.digits)
    ? { ok: true, value: { ...a, high: b.digits } }
    : { ok: false, says: 'A range begins with its smaller end.' };
}

function parseSingle(text: string, before: Entered): Parsed {
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
