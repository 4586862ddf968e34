import { derive } from './derive';
import { fromWorked } from '../quantity/worked';
import type { Worked, WorkedInput } from '../quantity/worked';

/** What the bottle holds: the facts that turn a mass, a volume and an amount into each other. */
export interface Bottle {
  readonly molarMass?: Worked<'molarMass'>;
  /** Mass fraction of the labelled compound; absent means pure. */
  readonly assay?: WorkedInput;
  /** mol/L, for a solution; then the mass fraction plays no part. */
  readonly concentration?: WorkedInput;
  readonly density?: WorkedInput;
}

/** One quantity of material in every way the bench can express it. `amount` is of the labelled compound. */
export interface Amounts {
  readonly mass?: Worked<'mass'>;
  readonly volume?: Worked<'volume'>;
  readonly amount?: Worked<'amount'>;
}

export type Measured = Worked<'mass'> | Worked<'volume'> | Worked<'amount'>;

/**
 * Completes mass, volume and amount from whichever one is known: `n = m·w/M`, `n = V·ρ·w/M`, `n = c·V`
 * (definitions of density, concentration and molar mass, IUPAC Green Book). Solute mass w is of the labelled compound.
 *
 * @param known mass of the material in the bottle (g), its volume (mL), or the amount of the compound (mol)
 * @returns what can be told; a missing density or molar mass leaves the others empty
 * @example lineAmounts({ q: { dim: 'mass', value: 5 }, unit: 'g', figures: 3, inputs: {}, formula: 'taken', certain: 'computed' }, { molarMass: { q: { dim: 'molarMass', value: 50 }, unit: 'g/mol', figures: 4, inputs: {}, formula: 'taken', certain: 'computed' } }).amount.q.value // → 0.1
 */
export function lineAmounts(known: Measured, bottle: Bottle): Amounts {
  const dim = known.q.dim;
  if (dim === 'mass') return fromMass(known as Worked<'mass'>, bottle);
  if (dim === 'volume') return fromVolume(known as Worked<'volume'>, bottle);
  return fromAmount(known as Worked<'amount'>, bottle);
}

function fromMass(mass: Worked<'mass'>, bottle: Bottle): Amounts {
  const volume = bottle.density && volumeOf(mass, bottle.density);
  const amount = bottle.concentration
    ? volume && amountInSolution(volume, bottle.concentration)
    : amountOf(mass, bottle);
  return compact({ mass, volume, amount });
}

function fromVolume(volume: Worked<'volume'>, bottle: Bottle): Amounts {
  const mass =
    bottle.density &&
    derive({
      formula: 'massFromVolume',
      dim: 'mass',
      unit: 'g',
      value: volume.q.value * bottle.density.q.value,
      inputs: { V: fromWorked(volume), ρ: bottle.density },
    });
  const amount = bottle.concentration ? amountInSolution(volume, bottle.concentration) : mass && amountOf(mass, bottle);
  return compact({ mass, volume, amount });
}

function fromAmount(amount: Worked<'amount'>, bottle: Bottle): Amounts {
  if (bottle.concentration) {
    const volume = derive({
      formula: 'volumeOfSolution',
      dim: 'volume',
      unit: 'mL',
      value: (amount.q.value / bottle.concentration.q.value) * 1000,
      inputs: { n: fromWorked(amount), c: bottle.concentration },
    });
    return { ...fromVolume(volume, bottle), amount };
  }
  if (!bottle.molarMass) return { amount };
  const w = bottle.assay ?? pure;
  const mass = derive({
    formula: 'massFromAmount',
    dim: 'mass',
    unit: 'g',
    value: (amount.q.value * bottle.molarMass.q.value) / w.q.value,
    inputs: { n: fromWorked(amount), M: fromWorked(bottle.molarMass), w },
  });
  return compact({ mass, volume: bottle.density && volumeOf(mass, bottle.density), amount });
}

const pure: WorkedInput = {
  q: { dim: 'number', value: 1 },
  unit: '',
  figures: 1,
  source: { at: 'setting', id: 'pure' },
};

function amountOf(mass: Worked<'mass'>, bottle: Bottle): Worked<'amount'> | undefined {
  if (!bottle.molarMass) return undefined;
  const w = bottle.assay ?? pure;
  return derive({
    formula: 'amountFromMass',
    dim: 'amount',
    unit: 'mmol',
    value: (mass.q.value * w.q.value) / bottle.molarMass.q.value,
    inputs: { m: fromWorked(mass), w, M: fromWorked(bottle.molarMass) },
  });
}

function volumeOf(mass: Worked<'mass'>, density: WorkedInput): Worked<'volume'> {
  return derive({
    formula: 'volumeFromMass',
    dim: 'volume',
    unit: 'mL',
    value: mass.q.value / density.q.value,
    inputs: { m: fromWorked(mass), ρ: density },
  });
}

function amountInSolution(volume: Worked<'volume'>, concentration: WorkedInput): Worked<'amount'> {
  return derive({
    formula: 'amountFromSolution',
    dim: 'amount',
    unit: 'mmol',
    value: (concentration.q.value * volume.q.value) / 1000,
    inputs: { c: concentration, V: fromWorked(volume) },
  });
}

function compact(amounts: {
  mass?: Worked<'mass'> | undefined;
  volume?: Worked<'volume'> | undefined;
  amount?: Worked<'amount'> | undefined;
}): Amounts {
  return Object.fromEntries(Object.entries(amounts).filter(([, worked]) => worked !== undefined)) as Amounts;
}
