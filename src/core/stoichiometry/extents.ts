import { derive } from './derive';
import { fromWorked } from '../quantity/worked';
import type { Worked, WorkedInput } from '../quantity/worked';

/** One reactant of the equation: how much there is, and its coefficient. */
export interface Reactant {
  readonly id: string;
  readonly amount: Worked<'amount'>;
  readonly coefficient: number;
}

/** A reactant with what follows from the comparison with the others. */
export interface ReactantExtent {
  readonly id: string;
  readonly extent: Worked<'amount'>;
  /** Per cent beyond what the limiting reagent can use; 0 for the limiting one. */
  readonly excess: Worked<'fraction'>;
  /** How much may be lost before this one limits; absent for the limiting reagent. */
  readonly flip?: Worked<'amount'>;
}

/** Extent of reaction: who limits, by how much. */
export interface Extents {
  readonly reactants: readonly ReactantExtent[];
  readonly limiting: ReactantExtent;
  /** The reactant with the second smallest extent; absent with a single reactant. */
  readonly next?: ReactantExtent;
  /** Second smallest extent over the smallest, minus one. */
  readonly margin?: Worked<'fraction'>;
  /** Two extents agree within rounding noise: nothing is in excess. */
  readonly tie: boolean;
}

// Two extents closer than this are the same number typed in different ways.
const tieTolerance = 1e-9;

/**
 * Extent that each reactant allows, `ξᵢ = nᵢ/νᵢ`, and the limiting reagent, the smallest of them (IUPAC Green Book,
 * extent of reaction). At a tie the first one given limits.
 *
 * @param reactants amounts in mol, coefficients above 0; at least one
 * @throws RangeError without reactants, or with a coefficient that is not positive
 * @example extents([{ id: 'a', coefficient: 2, amount: { q: { dim: 'amount', value: 0.03 }, unit: 'mol', figures: 3, inputs: {}, formula: 'taken', certain: 'computed' } }, { id: 'b', coefficient: 1, amount: { q: { dim: 'amount', value: 0.02 }, unit: 'mol', figures: 3, inputs: {}, formula: 'taken', certain: 'computed' } }]).limiting.id // → 'a'
 */
export function extents(reactants: readonly Reactant[]): Extents {
  const bare = reactants.map(({ id, amount, coefficient }) => ({
    id,
    coefficient,
    extent: extentOf(amount, coefficient),
  }));
  // A stable sort in which noise does not decide between equal extents.
  const order = [...bare].sort((a, b) => (near(a.extent, b.extent) ? 0 : a.extent.q.value - b.extent.q.value));
  const [first, second] = order;
  if (!first) throw new RangeError('no reactants');
  const all = bare.map((one) => compare(one, first));
  const byId = (id: string) => all.find((one) => one.id === id) as ReactantExtent;
  return {
    reactants: all,
    limiting: byId(first.id),
    ...(second ? { next: byId(second.id), margin: marginOf(first.extent, second.extent) } : {}),
    tie: second !== undefined && near(first.extent, second.extent),
  };
}

interface Bare {
  readonly id: string;
  readonly coefficient: number;
  readonly extent: Worked<'amount'>;
}

function extentOf(amount: Worked<'amount'>, coefficient: number): Worked<'amount'> {
  if (!(coefficient > 0)) throw new RangeError(`coefficient ${coefficient} is not positive`);
  return derive({
    formula: 'extent',
    dim: 'amount',
    unit: 'mmol',
    value: amount.q.value / coefficient,
    inputs: { n: fromWorked(amount), ν: coefficientInput(coefficient) },
  });
}

function compare(one: Bare, limiting: Bare): ReactantExtent {
  const ratio = one.extent.q.value / limiting.extent.q.value;
  const excess = derive({
    formula: 'excess',
    dim: 'fraction',
    unit: '%',
    value: one.id === limiting.id ? 0 : ratio - 1,
    inputs: { ξ: fromWorked(one.extent), ξ_lim: fromWorked(limiting.extent) },
    figures: 2,
    quotient: false,
  });
  if (one.id === limiting.id) return { id: one.id, extent: one.extent, excess };
  const flip = derive({
    formula: 'flip',
    dim: 'amount',
    unit: 'mmol',
    value: (one.extent.q.value - limiting.extent.q.value) * one.coefficient,
    inputs: { ξ: fromWorked(one.extent), ξ_lim: fromWorked(limiting.extent), ν: coefficientInput(one.coefficient) },
    figures: 2,
    quotient: false,
  });
  return { id: one.id, extent: one.extent, excess, flip };
}

function marginOf(smallest: Worked<'amount'>, second: Worked<'amount'>): Worked<'fraction'> {
  return derive({
    formula: 'margin',
    dim: 'fraction',
    unit: '%',
    value: second.q.value / smallest.q.value - 1,
    inputs: { ξ_2: fromWorked(second), ξ_lim: fromWorked(smallest) },
    figures: 2,
    quotient: false,
  });
}

/**
 * A stoichiometric coefficient as an exact input.
 *
 * @example coefficientInput(2).q.value // → 2
 */
export function coefficientInput(coefficient: number): WorkedInput {
  return {
    q: { dim: 'number', value: coefficient },
    unit: '',
    figures: String(coefficient).replace('.', '').length,
    source: { at: 'equation', id: 'coefficient' },
  };
}

function near(a: Worked, b: Worked): boolean {
  return Math.abs(a.q.value - b.q.value) <= tieTolerance * Math.max(Math.abs(a.q.value), Math.abs(b.q.value));
}
