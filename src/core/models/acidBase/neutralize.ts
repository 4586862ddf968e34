import { assertPositive } from '../guards';
import { protonsGiven } from './speciation';
import { solutionPH } from './solutionPH';
import type { AcidBaseSystem } from './solutionPH';

/** Acids and bases in a beaker, in moles. */
export interface Beaker {
  readonly systems: readonly (Omit<AcidBaseSystem, 'concentration'> & { readonly moles: number })[];
  /** Charge of the spectator ions, mol. */
  readonly spectators: number;
  /** L */
  readonly volume: number;
}

/** What is added: a strong base counts as positive (its cation), a strong acid as negative. */
export interface Titrant {
  /** mol/L */
  readonly concentration: number;
  readonly kind: 'base' | 'acid';
}

/**
 * pH after a volume of titrant, volumes additive.
 *
 * @param added L
 * @example pHAfter({ systems: [], spectators: -0.001, volume: 0.01 }, { kind: 'base', concentration: 0.1 }, 0.01).toFixed(2) // → '7.00'
 */
export function pHAfter({ systems, spectators, volume }: Beaker, titrant: Titrant, added: number): number {
  const total = volume + added;
  const sign = titrant.kind === 'base' ? 1 : -1;
  return solutionPH({
    systems: systems.map(({ moles, ...system }) => ({ ...system, concentration: moles / total })),
    spectators: (spectators + sign * titrant.concentration * added) / total,
  });
}

/**
 * Volume of a strong titrant that brings a beaker to a pH, from the charge balance solved for the volume; no iteration.
 *
 * @returns L; negative when the beaker is past that pH already
 * @throws RangeError when no volume of this titrant reaches the pH (a base weaker than the pH asked for)
 * @example titrantFor({ systems: [], spectators: -0.001, volume: 0.01 }, { kind: 'base', concentration: 0.1 }, 7).toFixed(6) // → '0.010000'
 */
export function titrantFor({ systems, spectators, volume }: Beaker, titrant: Titrant, pH: number, pKw = 14): number {
  assertPositive({ volume, concentration: titrant.concentration });
  const water = 10 ** -pH - 10 ** (pH - pKw);
  const charge = systems.reduce((sum, one) => sum + one.moles * (one.charge - protonsGiven(one.pKas, pH)), spectators);
  const sign = titrant.kind === 'base' ? 1 : -1;
  const perLitre = sign * titrant.concentration + water;
  if (sign * perLitre <= 0) throw new RangeError(`${titrant.concentration} mol/L never brings it to pH ${pH}`);
  return -(charge + water * volume) / perLitre;
}
