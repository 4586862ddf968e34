import { assertPositive } from '../guards';

/** A measured solubility: °C and g per mL of solvent (any unit that stays the same). */
export interface SolubilityPoint {
  readonly T: number;
  readonly s: number;
}

const kelvin = (T: number) => T + 273.15;

/**
 * Solubility of a solid between measured points: ln s linear in 1/T between the two nearest ones (van 't Hoff; one enthalpy of
 * solution from point to point). Only where the solid is the saturating phase: a second liquid has its own line. The plan and the
 * explorer ask the same function.
 *
 * @param points at least two temperatures, every s above zero
 * @param T °C, within the points: nothing is guessed outside them
 * @returns s in the unit of the points
 * @throws RangeError for fewer points, for s that is not positive, and outside the points
 * @example solubilityBetween([{ T: 0, s: 0.01 }, { T: 100, s: 0.04 }], 100) // → 0.04
 */
export function solubilityBetween(points: readonly SolubilityPoint[], T: number): number {
  const { low, high } = neighbours(points, T);
  const power = (1 / kelvin(T) - 1 / kelvin(low.T)) / (1 / kelvin(high.T) - 1 / kelvin(low.T));
  return low.s * (high.s / low.s) ** power;
}

/**
 * The two points between which a temperature lies.
 *
 * @throws RangeError as {@link solubilityBetween}
 * @example neighbours([{ T: 0, s: 1 }, { T: 50, s: 2 }, { T: 100, s: 4 }], 60).low.T // → 50
 */
export function neighbours<P extends SolubilityPoint>(
  points: readonly P[],
  T: number,
): { readonly low: P; readonly high: P } {
  const sorted = [...points].sort((a, b) => a.T - b.T);
  if (new Set(points.map((one) => one.T)).size < 2) throw new RangeError('a solubility curve needs two temperatures');
  for (const { s, T: at } of points) {
    assertPositive({ solubility: s });
    if (!Number.isFinite(at) || at <= -273.15) throw new RangeError(`${at} °C is no temperature of a solubility`);
  }
  const above = sorted.findIndex((one) => one.T >= T);
  const [low, high] = above === 0 ? [sorted[0], sorted[1]] : [sorted[above - 1], sorted[above]];
  if (above < 0 || !low || !high || low.T > T || !Number.isFinite(T))
    throw new RangeError(
      `no solubility is known at ${T} °C: the points reach from ${sorted[0]?.T} to ${sorted.at(-1)?.T} °C`,
    );
  return { low, high };
}
