import { assertFinite, assertPositive, assertWithin } from '../guards';
import { findRoot } from '../findRoot';

/**
 * Conversion of a first-order reaction, `X = 1 − exp(−k·t)`.
 *
 * @param k 1/s
 * @param t s
 * @example firstOrder(Math.LN2 / 60, 60).toFixed(6) // → '0.500000'
 */
export function firstOrder(k: number, t: number): number {
  assertWithin(0, Infinity, { k, t });
  return -Math.expm1(-k * t);
}

/**
 * Conversion of the scarcer partner in A + B → products, first order in each.
 * `X = (1 − E)/(1 − E/M)` with `E = exp((1 − M)·a₀·k·t)`, and `a₀kt/(1 + a₀kt)` for M = 1.
 *
 * @param k L/(mol·s)
 * @param a0 mol/L of the scarcer partner
 * @param M ratio of the other to it, at least 1
 * @param t s
 * @example secondOrder(0.01, 1, 1, 100) // → 0.5
 */
export function secondOrder(k: number, a0: number, M: number, t: number): number {
  assertWithin(0, Infinity, { k, t });
  assertPositive({ a0 });
  assertWithin(1, Infinity, { M });
  const reach = a0 * k * t;
  // Close to one to one the general form is 0/0.
  if (Math.abs(M - 1) < 1e-6) return reach / (1 + reach);
  const E = Math.exp((1 - M) * reach);
  return (1 - E) / (1 - E / M);
}

/**
 * Half-life of borohydride in water, `log₁₀(t½/min) = pH − (0.034·T − 1.92)` (Kreevoy and Oakleaf 1979).
 *
 * @param at_C 0 to 100 °C
 * @returns s
 * @example (borohydrideHalfLife(14, 25) / 86400).toFixed(0) // → '421'
 */
export function borohydrideHalfLife(pH: number, at_C: number): number {
  assertWithin(-5, 20, { pH });
  assertWithin(-50, 200, { at_C });
  return 60 * 10 ** (pH - (0.034 * (at_C + 273.15) - 1.92));
}

/** One substance of an equilibrium. */
export interface EquilibriumTerm {
  /** mol at first. */
  readonly moles: number;
  /** Negative on the left-hand side. */
  readonly coefficient: number;
}

/**
 * Extent of an equilibrium by the law of mass action, `K = Π(nᵢ + νᵢξ)^νᵢ` (ideal; as many moles on both sides, so that the
 * volume cancels, or amounts given in mol/L).
 *
 * @param K equilibrium constant in the same terms, above 0
 * @returns mol
 * @throws RangeError when nothing stands on the left-hand side
 * @example equilibriumExtent([-1, -1, 1, 1].map((n) => ({ moles: n < 0 ? 1 : 0, coefficient: n })), 4).toFixed(6) // → '0.666667'
 */
export function equilibriumExtent(terms: readonly EquilibriumTerm[], K: number): number {
  assertPositive({ K });
  for (const { moles, coefficient } of terms) {
    assertWithin(0, 1e12, { moles });
    assertFinite({ coefficient });
  }
  const left = terms.filter(({ coefficient }) => coefficient < 0);
  const right = terms.filter(({ coefficient }) => coefficient > 0);
  if (left.length === 0) throw new RangeError('an equilibrium needs something on its left-hand side');
  const highest = Math.min(...left.map(({ moles, coefficient }) => moles / -coefficient));
  const lowest = right.length === 0 ? -1e6 : -Math.min(...right.map(({ moles, coefficient }) => moles / coefficient));
  // In logarithms the residual runs from −∞ to +∞ and rises all the way: one root.
  const residual = (extent: number) =>
    terms.reduce(
      (sum, { moles, coefficient }) => sum + coefficient * Math.log(Math.max(moles + coefficient * extent, 1e-300)),
      -Math.log(K),
    );
  const margin = (highest - lowest) * 1e-15;
  return findRoot(residual, lowest + margin, highest - margin, (highest - lowest) * 1e-14);
}
