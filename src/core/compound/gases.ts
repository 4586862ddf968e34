import { atomsOf, equalAtoms } from './atomsOf';

/** What is done with a gas that leaves the flask. */
export type Trap = 'base' | 'acid' | 'outlet' | 'vent' | 'stop';

/** A gas by its formula. */
interface Gas {
  readonly formula: string;
  readonly name: string;
  readonly trap: Trap;
}

/** Gases at room temperature that reactions of the teaching lab give off. */
const gases: readonly Gas[] = [
  { formula: 'HCl', name: 'hydrogen chloride', trap: 'base' },
  { formula: 'HBr', name: 'hydrogen bromide', trap: 'base' },
  { formula: 'HI', name: 'hydrogen iodide', trap: 'base' },
  { formula: 'SO2', name: 'sulfur dioxide', trap: 'base' },
  { formula: 'Cl2', name: 'chlorine', trap: 'base' },
  { formula: 'NO2', name: 'nitrogen dioxide', trap: 'base' },
  { formula: 'NO', name: 'nitrogen monoxide', trap: 'base' },
  { formula: 'NH3', name: 'ammonia', trap: 'acid' },
  { formula: 'CH5N', name: 'methylamine', trap: 'acid' },
  { formula: 'CO', name: 'carbon monoxide', trap: 'outlet' },
  { formula: 'H2', name: 'hydrogen', trap: 'outlet' },
  { formula: 'CH4', name: 'methane', trap: 'outlet' },
  { formula: 'C2H6', name: 'ethane', trap: 'outlet' },
  { formula: 'C2H4', name: 'ethene', trap: 'outlet' },
  { formula: 'C3H6', name: 'propene', trap: 'outlet' },
  { formula: 'C4H8', name: 'butene', trap: 'outlet' },
  { formula: 'CH3Cl', name: 'chloromethane', trap: 'outlet' },
  { formula: 'C2H5Cl', name: 'chloroethane', trap: 'outlet' },
  { formula: 'CO2', name: 'carbon dioxide', trap: 'vent' },
  { formula: 'N2', name: 'nitrogen', trap: 'vent' },
  { formula: 'O2', name: 'oxygen', trap: 'vent' },
  { formula: 'N2O', name: 'nitrous oxide', trap: 'vent' },
  { formula: 'H2S', name: 'hydrogen sulfide', trap: 'stop' },
  { formula: 'HCN', name: 'hydrogen cyanide', trap: 'stop' },
  { formula: 'COCl2', name: 'phosgene', trap: 'stop' },
];

/**
 * The gas that a formula stands for, where it is one at room temperature.
 *
 * @param formula of a substance without a form of its own, or known to be a gas
 */
export function gasOf(formula: string | undefined): Gas | undefined {
  const atoms = atomsOf(formula);
  return gases.find((one) => equalAtoms(atomsOf(one.formula), atoms));
}

/**
 * Moles of hydrogen that a mole of a metal or hydride gives with acid, water or alcohol: Mg + 2 H⁺, 2 Na + 2 H₂O,
 * NaBH₄ + 3 H₂O + H⁺, LiAlH₄ + 4 ROH.
 *
 * @example [hydrogenPerMole('Mg'), hydrogenPerMole('NaBH4'), hydrogenPerMole('Na'), hydrogenPerMole('CaH2')] // → [1, 4, 0.5, 2]
 */
export function hydrogenPerMole(formula: string | undefined): number {
  const atoms = atomsOf(formula);
  const hydridic = atoms['H'] ?? 0;
  if (hydridic > 0) return hydridic;
  const valence: Readonly<Record<string, number>> = { Li: 1, Na: 1, K: 1, Mg: 2, Ca: 2, Zn: 2, Fe: 2, Sn: 2, Al: 3 };
  return Object.entries(atoms).reduce((sum, [element, count]) => sum + ((valence[element] ?? 0) * count) / 2, 0);
}
