import { coefficientInput } from './extents';
import { derive } from './derive';
import { lineAmounts } from './lineAmounts';
import { fromWorked } from '../quantity/worked';
import type { Amounts } from './lineAmounts';
import type { Worked, WorkedInput } from '../quantity/worked';

/** The product of the equation. */
export interface YieldOptions {
  readonly coefficient: number;
  readonly molarMass: Worked<'molarMass'>;
  /** g/mL, for a liquid product. @default none: no volume */
  readonly density?: WorkedInput;
}

/**
 * Theoretical yield `m = νp·ξ_lim·Mp` in g, for a liquid also in mL, and the amount in mol.
 *
 * @param extent smallest extent of the reactants, mol
 * @example theoreticalYield({ q: { dim: 'amount', value: 0.02 }, unit: 'mol', figures: 3, inputs: {}, formula: 'taken', certain: 'computed' }, { coefficient: 2, molarMass: { q: { dim: 'molarMass', value: 50 }, unit: 'g/mol', figures: 4, inputs: {}, formula: 'taken', certain: 'computed' } }).mass.q.value // → 2
 */
export function theoreticalYield(extent: Worked<'amount'>, product: YieldOptions): Amounts {
  const mass = derive({
    formula: 'theoreticalMass',
    dim: 'mass',
    unit: 'g',
    value: product.coefficient * extent.q.value * product.molarMass.q.value,
    inputs: {
      ν_p: coefficientInput(product.coefficient),
      ξ_lim: fromWorked(extent),
      M_p: fromWorked(product.molarMass),
    },
  });
  return lineAmounts(mass, { molarMass: product.molarMass, ...(product.density ? { density: product.density } : {}) });
}
