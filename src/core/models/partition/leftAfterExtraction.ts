import { assertPositive, assertWhole } from '../guards';

/** Two layers and how the second is divided. Volumes in one unit. */
export interface Extraction {
  /** Distribution ratio c(org)/c(aq). */
  readonly D: number;
  readonly aqueous: number;
  /** All portions of the solvent together. */
  readonly solvent: number;
}

/**
 * Fraction that stays in the water after n equal portions of solvent, `(V_aq/(V_aq + D·V/n))ⁿ` (successive equilibria,
 * Nernst's law; volumes unchanged by mixing).
 *
 * @param portions a whole number, at least 1
 * @example leftAfterExtraction({ D: 4, aqueous: 50, solvent: 50 }, 1) // → 0.2
 */
export function leftAfterExtraction({ D, aqueous, solvent }: Extraction, portions: number): number {
  assertPositive({ D, aqueous, solvent });
  assertWhole(1, { portions });
  return (aqueous / (aqueous + (D * solvent) / portions)) ** portions;
}

/**
 * The same for infinitely many portions, `exp(−D·V/V_aq)`: no division of this volume extracts more.
 *
 * @example leftAtMostPortions({ D: 1, aqueous: 50, solvent: 50 }) // → Math.exp(-1)
 */
export function leftAtMostPortions({ D, aqueous, solvent }: Extraction): number {
  assertPositive({ D, aqueous, solvent });
  return Math.exp((-D * solvent) / aqueous);
}
