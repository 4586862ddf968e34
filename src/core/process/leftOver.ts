import { derive } from '../stoichiometry/derive';
import { figuresOf, roundDecimals } from '../quantity/decimals';
import { fromWorked } from '../quantity/worked';
import type { Loss } from '../worktop/loss';
import type { Worked } from '../quantity/worked';

/** Masses are compared to a hundredth of a gram: differences carry no more. */
export const hundredths = (value: number) => figuresOf(roundDecimals(Math.abs(value), 2));

/**
 * What the losses leave of a mass.
 *
 * @param grams as the run of the steps found it; the working shows how the losses lead there
 */
export function leftOver(basis: Worked<'mass'>, losses: readonly Loss[], grams: number): Worked<'mass'> {
  return derive({
    formula: 'leftOver',
    dim: 'mass',
    unit: 'g',
    value: grams,
    inputs: {
      m_before: fromWorked(basis),
      ...Object.fromEntries(losses.map(({ mass }, i) => [`m_${i + 1}`, fromWorked(mass)])),
    },
    figures: hundredths(grams),
    certain: 'modelled',
    quotient: false,
  });
}
