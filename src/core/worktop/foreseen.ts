import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import type { Dim } from '../quantity/dims';
import type { Worked, WorkedInput } from '../quantity/worked';

/** A predicted number as an input of a working. */
export function foreseen<D extends Dim>(dim: D, value: number, unit: string, of: string): WorkedInput {
  return { q: { dim, value }, unit, figures: 3, source: { at: 'prediction', id: of } };
}

const grams = { dim: 'mass', unit: 'g', figures: 2, certain: 'modelled' } as const;

/** A mass that the prediction holds, taken as it is. */
export function foreseenMass(value: number, of: string): Worked<'mass'> {
  return derive({ ...grams, formula: 'taken', value, inputs: { x: foreseen('mass', value, 'g', of) } });
}

/** A share of a mass, both as the prediction finds them. */
export function foreseenShare(mass_g: number, of: string, share: number): Worked<'mass'> {
  return derive({
    ...grams,
    formula: 'shareForeseen',
    value: mass_g * share,
    inputs: { m: foreseen('mass', mass_g, 'g', of), q: foreseen('fraction', share, '%', of) },
  });
}

/** A share of a mass that the prediction holds. */
export function massShare(mass_g: number, of: string, share: Worked<'fraction'>): Worked<'mass'> {
  return derive({
    ...grams,
    formula: 'shareLost',
    value: mass_g * share.q.value,
    inputs: { m: foreseen('mass', mass_g, 'g', of), f: fromWorked(share) },
  });
}
