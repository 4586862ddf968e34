import { derive } from '../stoichiometry/derive';
import { figuresOf } from '../quantity/decimals';
import { fromWorked } from '../quantity/worked';
import { molarMass } from '../compound/molarMass';
import type { Dim } from '../quantity/dims';
import type { Worked, WorkedInput } from '../quantity/worked';
import type { ReferenceSolution } from './solution';
import type { ReferenceSubstance } from './substance';

/** What to measure for a volume of a solution. */
export interface Recipe {
  /** Of the pure solute, where it is made from that. */
  readonly mass?: Worked<'mass'>;
  /** Of a liquid solute or of the stronger solution. */
  readonly volume?: Worked<'volume'>;
}

/**
 * What goes into a volume of a solution: `m = c·V·M` from the pure substance (and `V = m/ρ` when that is a liquid), or
 * `V₁ = c·V/c₁` from a stronger solution (conservation of the solute).
 *
 * @param volume mL of solution wanted, above 0
 * @param from what it is made from, found by the solution's `madeFrom`
 * @returns nothing when it is used as bought or its source is not known
 */
export function recipe(
  solution: ReferenceSolution,
  volume: { readonly digits: string; readonly value: number },
  from: ReferenceSubstance | ReferenceSolution | undefined,
): Recipe | undefined {
  if (!from || solution.madeFrom === undefined) return undefined;
  const V = input('volume', 'mL', volume.digits, volume.value, { at: 'setting', id: 'volume' });
  const c = concentration(solution);
  if ('solute' in from) {
    const c_1 = concentration(from);
    const needed = derive({
      formula: 'stockVolume',
      dim: 'volume',
      unit: 'mL',
      value: (c.q.value * V.q.value) / c_1.q.value,
      inputs: { c, V, c_1 },
    });
    return { volume: needed };
  }
  const M = from.formula === undefined ? undefined : molarMass(from.formula);
  if (!M?.ok) return undefined;
  const mass = derive({
    formula: 'soluteMass',
    dim: 'mass',
    unit: 'g',
    value: (c.q.value * V.q.value * M.value.q.value) / 1000,
    inputs: { c, V, M: fromWorked(M.value) },
  });
  const density = from.form === 'liquid' ? from.values.density : undefined;
  if (!density) return { mass };
  const ρ = input('density', 'g/mL', density.digits, Number(density.digits), {
    at: 'reference',
    id: from.id,
    field: 'density',
  });
  return {
    mass,
    volume: derive({
      formula: 'volumeFromMass',
      dim: 'volume',
      unit: 'mL',
      value: mass.q.value / ρ.q.value,
      inputs: { m: fromWorked(mass), ρ },
    }),
  };
}

const concentration = ({ id, molarity }: ReferenceSolution) =>
  input('concentration', 'mol/L', molarity.digits, Number(molarity.digits), { at: 'reference', id, field: 'molarity' });

function input(dim: Dim, unit: string, digits: string, value: number, source: WorkedInput['source']): WorkedInput {
  return { q: { dim, value }, unit, figures: figuresOf(digits), source };
}
