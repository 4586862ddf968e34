import { parseFormula } from './parseFormula';

/**
 * Whether two formulas hold the same number of each atom, in whatever order and grouping.
 *
 * @example [sameAtoms('CuSO4·5H2O', 'H10CuO9S'), sameAtoms('C2H6O', 'C2H4O')] // → [true, false]
 */
export function sameAtoms(one: string, other: string): boolean {
  const [a, b] = [parseFormula(one), parseFormula(other)];
  if (!a.ok || !b.ok) return false;
  const symbols = new Set([...Object.keys(a.value.atoms), ...Object.keys(b.value.atoms)]);
  return [...symbols].every((symbol) => a.value.atoms[symbol] === b.value.atoms[symbol]);
}
