import { anhydrousAtoms } from './atomsOf';

// Metals, and the elements that are as poisonous, whose waste is kept apart from the drain and from other waste.
const heavy = 'Be V Cr Mn Co Ni Cu As Se Mo Ru Rh Pd Ag Cd In Sn Sb Te Ba W Re Os Ir Pt Au Hg Tl Pb Bi Th U'.split(' ');

/**
 * Whether a compound holds a metal whose waste goes into a bottle of its own.
 *
 * @example [holdsHeavyMetal('Cr2(SO4)3'), holdsHeavyMetal('CuSO4·5H2O'), holdsHeavyMetal('SeO2'), holdsHeavyMetal('FeCl3'), holdsHeavyMetal(undefined)] // → [true, true, true, false, false]
 */
export function holdsHeavyMetal(formula: string | undefined): boolean {
  const atoms = anhydrousAtoms(formula);
  return heavy.some((one) => (atoms[one] ?? 0) > 0);
}
