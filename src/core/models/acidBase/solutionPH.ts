import { findRoot } from '../findRoot';
import { protonsGiven } from './speciation';

/** One acid–base system in solution: all forms of it together. */
export interface AcidBaseSystem {
  readonly pKas: readonly number[];
  /** mol/L over all forms. */
  readonly concentration: number;
  /** Charge of the fully protonated form: 0 for acetic acid, +1 for an ammonium ion. */
  readonly charge: number;
}

export interface Solution {
  readonly systems: readonly AcidBaseSystem[];
  /** Charge of the ions that take no part (Na⁺ less Cl⁻), mol/L. A strong acid is its anion alone. */
  readonly spectators: number;
  /** @default 14.00 at 25 °C */
  readonly pKw?: number;
}

const lowest = -2;
const highest = 16;

/** Charge per litre at a pH; falls with rising pH, and is zero at the pH of the solution. */
function chargeAt({ systems, spectators, pKw = 14 }: Solution, pH: number): number {
  const water = 10 ** -pH - 10 ** (pH - pKw);
  const dissolved = systems.reduce(
    (sum, { pKas, concentration, charge }) => sum + concentration * (charge - protonsGiven(pKas, pH)),
    0,
  );
  return spectators + dissolved + water;
}

/**
 * pH of a mixture by charge balance (electroneutrality; activities taken as concentrations).
 *
 * @returns −2 to 16
 * @throws RangeError when no pH in that range balances the charges
 * @example solutionPH({ systems: [], spectators: 0 }).toFixed(6) // → '7.000000'
 */
export function solutionPH(solution: Solution): number {
  return findRoot((pH) => chargeAt(solution, pH), lowest, highest, 1e-10);
}
