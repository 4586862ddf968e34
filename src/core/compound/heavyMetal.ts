import { anhydrousAtoms } from './atomsOf';

// Metals whose waste is kept apart from the drain and from other waste.
const heavy = ['Cr', 'Mn', 'Co', 'Ni', 'Cu', 'Ag', 'Cd', 'Sn', 'Sb', 'Ba', 'Os', 'Pd', 'Hg', 'Tl', 'Pb', 'Bi'];

/**
 * Whether a compound holds a metal whose waste goes into a bottle of its own.
 *
 * @example [holdsHeavyMetal('Cr2(SO4)3'), holdsHeavyMetal('CuSO4·5H2O'), holdsHeavyMetal('FeCl3'), holdsHeavyMetal(undefined)] // → [true, true, false, false]
 */
export function holdsHeavyMetal(formula: string | undefined): boolean {
  const atoms = anhydrousAtoms(formula);
  return heavy.some((one) => (atoms[one] ?? 0) > 0);
}
