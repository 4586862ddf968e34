import { assertFinite, assertPositive } from '../guards';

const kelvin = 273.15;
/** Entropy of fusion of a rigid molecule over the gas constant: 56.5 J/(mol·K) (Walden's rule, 1908). */
const fusion = 56.5 / 8.314462618;

/**
 * Ideal solubility of a solid, `ln x = −ΔS/R·(T_m/T − 1)` with Walden's entropy of fusion: what a liquid dissolves that minds the solute no
 * more than its own molecules (Yalkowsky, Solubility and Solubilization, 1999). Flexible molecules dissolve better, most liquids worse.
 *
 * @param melting_C of the pure solid
 * @param at_C of the liquid
 * @returns mole fraction; 1 at the melting point and above
 * @throws RangeError for what is no temperature
 * @example idealSolubility(80, 80) // → 1
 */
export function idealSolubility(melting_C: number, at_C: number): number {
  assertFinite({ melting_C, at_C });
  assertPositive({ 'melting point in K': melting_C + kelvin, 'temperature in K': at_C + kelvin });
  return Math.min(1, Math.exp(-fusion * ((melting_C + kelvin) / (at_C + kelvin) - 1)));
}
