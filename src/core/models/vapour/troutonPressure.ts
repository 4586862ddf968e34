import { assertPositive, assertWithin } from '../guards';

const R = 8.314462618;
const kelvin = 273.15;
/** Entropy of vaporization of liquids that do not associate, J/(mol·K) (Trouton's rule). */
const trouton = 88;

/**
 * Vapour pressure from the boiling point alone: Clausius and Clapeyron with Trouton's entropy of vaporization, `ln(p/760) =
 * (ΔS/R)·(1 − T_b/T)`. An estimate, within about a factor of two 150 K below the boiling point.
 *
 * @param boiling_C at 760 torr
 * @param T °C, above −150
 * @returns torr
 * @throws RangeError outside the ranges
 * @example Math.round(troutonPressure(100, 100)) // → 760
 */
export function troutonPressure(boiling_C: number, T: number): number {
  assertWithin(-200, 1000, { boiling_C });
  assertWithin(-150, 1000, { T });
  assertPositive({ 'T in K': T + kelvin });
  return 760 * Math.exp((trouton / R) * (1 - (boiling_C + kelvin) / (T + kelvin)));
}
