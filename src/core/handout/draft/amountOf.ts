import type { Amount } from '../handout';
import type { Entered } from '../../document/document';

const dims: Readonly<Record<string, 'mass' | 'volume' | 'amount'>> = {
  g: 'mass',
  mg: 'mass',
  kg: 'mass',
  mL: 'volume',
  L: 'volume',
  µL: 'volume',
  mmol: 'amount',
  mol: 'amount',
};

/** An amount of a handout as a line of the charge table has it: one portion, in the digits of the text. */
export function enteredOf(amount: Amount | undefined, words = ''): Entered {
  if (!amount) return { by: 'words', text: words || 'not said' };
  const { low, high, unit } = amount;
  const by = dims[unit];
  if (by) return { by, digits: low, unit, ...(high === undefined ? {} : { high }) };
  if (unit === 'equiv') return { by: 'equivalents', digits: low };
  if (unit === 'mol %') return { by: 'molPercent', digits: low };
  if (unit === 'mL/g') return { by: 'perMass', digits: low, of: 'product' };
  return { by: 'words', text: `${low}${high === undefined ? '' : `–${high}`} ${unit}` };
}
