import { anhydrousAtoms } from './atomsOf';
import type { Atoms } from './atomsOf';

const alkali = ['Li', 'Na', 'K', 'Cs'];
const acidOxides = ['Cr', 'Mn', 'Ru'];
const has = (atoms: Atoms, element: string) => (atoms[element] ?? 0) > 0;
const only = (atoms: Atoms, elements: readonly string[]) => Object.keys(atoms).every((one) => elements.includes(one));

/**
 * Whether water hardly dissolves an inorganic compound, by the solubility rules of general chemistry: the usual exceptions among
 * halides, sulfates, carbonates, phosphates, sulfides, hydroxides and oxides.
 *
 * @param formula without its hydrate water; salts of alkali metals and ammonium, nitrates and acetates dissolve
 * @returns nothing where the rules do not speak of it
 * @example [isInsoluble('CaSO4'), isInsoluble('NaCl'), isInsoluble('MnO2'), isInsoluble('C6H6')] // → [true, false, true, undefined]
 */
export function isInsoluble(formula: string | undefined): boolean | undefined {
  const atoms = anhydrousAtoms(formula);
  const metals = Object.keys(atoms).filter((one) => isMetal.has(one));
  if (metals.length === 0) return undefined;
  const nonMetals = Object.keys(atoms).filter((one) => !isMetal.has(one));
  if (nonMetals.length === 0) return !metals.some((one) => alkali.includes(one) || one === 'Ca' || one === 'Ba');
  if (metals.some((one) => alkali.includes(one))) return false;
  // The highest oxides of these are acids.
  if (nonMetals.every((one) => one === 'O') && acidOxides.includes(metals[0] ?? '')) {
    const [metal = ''] = metals;
    if ((atoms['O'] ?? 0) >= 3 * (atoms[metal] ?? 0)) return false;
  }
  const rule = rules.find(({ of }) => of(atoms, nonMetals));
  return rule && metals.some((one) => rule.metals.includes(one)) === rule.fall;
}

const isMetal: ReadonlySet<string> = new Set([
  ...alkali,
  'Mg',
  'Ca',
  'Sr',
  'Ba',
  'Zn',
  'Al',
  'Cu',
  'Ag',
  'Fe',
  'Pb',
  'Hg',
  'Sn',
  'Mn',
  'Cr',
  'Ni',
  'Co',
  'Pd',
  'Pt',
  'Rh',
  'Ru',
  'Au',
  'Cd',
  'Bi',
  'Ti',
]);

interface Rule {
  /** Whether a compound is one of these, by what stands beside its metals. */
  readonly of: (atoms: Atoms, nonMetals: readonly string[]) => boolean;
  readonly metals: readonly string[];
  /** Whether these metals are the ones that fall out, or the ones that do not. */
  readonly fall: boolean;
}

const rules: readonly Rule[] = [
  { of: (_, rest) => rest.length === 1 && /^(Cl|Br|I)$/.test(rest[0] ?? ''), metals: ['Ag', 'Pb', 'Hg'], fall: true },
  { of: (atoms) => atoms['S'] === 1 && atoms['O'] === 4, metals: ['Ca', 'Sr', 'Ba', 'Pb'], fall: true },
  // Nitrates have three oxygens for each nitrogen.
  { of: (atoms) => has(atoms, 'N') && atoms['O'] === 3 * (atoms['N'] ?? 0), metals: [], fall: true },
  { of: (atoms) => atoms['C'] === 1 && atoms['O'] === 3, metals: [], fall: false },
  { of: (atoms) => has(atoms, 'P') && has(atoms, 'O') && !has(atoms, 'C'), metals: [], fall: false },
  {
    of: (atoms, rest) => only(Object.fromEntries(rest.map((one) => [one, atoms[one] ?? 0])), ['S']),
    metals: ['Mg', 'Ca', 'Sr', 'Ba'],
    fall: false,
  },
  {
    of: (_, rest) => only(Object.fromEntries(rest.map((one) => [one, 1])), ['O', 'H']),
    metals: ['Sr', 'Ba'],
    fall: false,
  },
];
