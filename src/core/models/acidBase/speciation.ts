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
  const [first, second] = pKas;
  // One or two steps need no table: this stands in the innermost loop of a funnel.
  if (first !== undefined && Math.abs(pH - first) < 300) {
    if (pKas.length === 1) return 1 / (1 + 10 ** (first - pH));
    if (pKas.length === 2 && second !== undefined && Math.abs(pH - second) < 300) {
      const [none, both] = [10 ** (first - pH), 10 ** (pH - second)];
      return (1 + 2 * both) / (none + 1 + both);
    }
  }
  return speciation(pKas, pH).reduce((sum, fraction, i) => sum + i * fraction, 0);
}

/**
 * Fraction of one form of a polyprotic acid at a pH.
 *
 * @param form 0 is the fully protonated one
 * @returns 0 for a form that there is not
 * @example fractionOf([4.76], 4.76, 1) // → 0.5
 */
export function fractionOf(pKas: readonly number[], pH: number, form: number): number {
  const [first] = pKas;
  if (pKas.length === 1 && first !== undefined && Number.isFinite(pH - first) && (form === 0 || form === 1))
    return 1 / (1 + 10 ** (form === 0 ? pH - first : first - pH));
  return speciation(pKas, pH)[form] ?? 0;
}
