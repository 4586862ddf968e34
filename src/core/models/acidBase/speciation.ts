/**
 * Fractions of the forms of a polyprotic acid at a pH, the fully protonated one first (Brønsted equilibria; activities taken
 * as concentrations, so ±0.1 in pH at best above 0.1 mol/L).
 *
 * @param pKas of each step in the order of dissociation
 * @returns one more than there are pKas; they add up to 1
 * @example speciation([4.76], 4.76) // → [0.5, 0.5]
 */
export function speciation(pKas: readonly number[], pH: number): readonly number[] {
  if (!Number.isFinite(pH) || pKas.some((one) => !Number.isFinite(one)))
    throw new RangeError(`pH and pKa must be numbers, not ${pH} and ${pKas.join(', ')}`);
  // Relative to the largest term, so that nothing overflows at the ends of the scale.
  const exponents = [0];
  for (const pKa of pKas) exponents.push((exponents.at(-1) ?? 0) + pH - pKa);
  const largest = Math.max(...exponents);
  const weights = exponents.map((exponent) => 10 ** (exponent - largest));
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => weight / sum);
}

/**
 * Protons that a mole of a polyprotic acid has given away on average at a pH.
 *
 * @example protonsGiven([4.76], 4.76) // → 0.5
 */
export function protonsGiven(pKas: readonly number[], pH: number): number {
  const [pKa] = pKas;
  // One step needs no table: this stands in the innermost loop of a funnel.
  if (pKas.length === 1 && pKa !== undefined && Number.isFinite(pH - pKa)) return 1 / (1 + 10 ** (pKa - pH));
  return speciation(pKas, pH).reduce((sum, fraction, i) => sum + i * fraction, 0);
}
