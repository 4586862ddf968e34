import { assertPositive, assertWithin } from '../guards';

/** What is shaken between water and a solvent. */
export interface Distributed {
  /** Partition coefficient of the neutral form, concentrations in the solvent over water. */
  readonly P: number;
  /** A base's pKa is that of its conjugate acid. @default 'neutral' */
  readonly kind?: 'neutral' | 'acid' | 'base';
  readonly pKa?: number;
}

/**
 * Distribution ratio at a pH, `D = c(org)/c(aq)` over all forms: acid `P/(1 + 10^(pH − pKa))`, base `P/(1 + 10^(pKa − pH))`
 * (Nernst's law with ionization in the water only: no dimers, no ion pairs in the solvent).
 *
 * @param pH 0 to 14; without meaning for a neutral substance
 * @throws RangeError when P is not positive, or an acid or base has no pKa
 * @example distributionRatio({ P: 100, kind: 'acid', pKa: 4 }, 4) // → 50
 */
export function distributionRatio({ P, kind = 'neutral', pKa }: Distributed, pH: number): number {
  assertPositive({ P });
  assertWithin(-2, 16, { pH });
  if (pKa !== undefined) assertWithin(-15, 60, { pKa });
  if (kind === 'neutral') return P;
  if (pKa === undefined) throw new RangeError(`an ${kind} needs a pKa`);
  return P / (1 + 10 ** (kind === 'acid' ? pH - pKa : pKa - pH));
}
