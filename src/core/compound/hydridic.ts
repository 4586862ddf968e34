import { anhydrousAtoms } from './atomsOf';
import type { Atoms } from './atomsOf';

/** Metals and hydrides that water, alcohol or acid takes apart, by what they are. */
export type Hydridic = 'alkaliMetal' | 'salineHydride' | 'aluminiumHydride' | 'borohydride' | 'baseMetal';

const n = (atoms: Atoms, element: string) => atoms[element] ?? 0;
const only = (atoms: Atoms, ...elements: readonly string[]) =>
  Object.keys(atoms).every((one) => elements.includes(one));
const alkali = ['Li', 'Na', 'K'];
const metals = [...alkali, 'Rb', 'Cs', 'Ca', 'Ba', 'Mg', 'Zn', 'Cu', 'Ag', 'Fe'];
/** Less noble than hydrogen, and no longer slow beneath their oxide once there is acid. */
const baseMetals = ['Mg', 'Zn', 'Fe', 'Al', 'Sn'];

/**
 * What a formula is among the metals and hydrides that give hydrogen.
 *
 * @returns nothing for anything else
 * @example [hydridicOf('Na'), hydridicOf('CaH2'), hydridicOf('LiAlH4'), hydridicOf('NaBH4'), hydridicOf('Zn'), hydridicOf('Cu')] // → ['alkaliMetal', 'salineHydride', 'aluminiumHydride', 'borohydride', 'baseMetal', undefined]
 */
export function hydridicOf(formula: string | undefined): Hydridic | undefined {
  const atoms = anhydrousAtoms(formula);
  const elements = Object.keys(atoms);
  const [first = ''] = elements;
  if (elements.length === 1)
    return alkali.includes(first) ? 'alkaliMetal' : baseMetals.includes(first) ? 'baseMetal' : undefined;
  if (n(atoms, 'H') === 0) return undefined;
  if (elements.length === 2 && only(atoms, 'H', 'Ca', ...alkali)) return 'salineHydride';
  if (n(atoms, 'Al') > 0 && only(atoms, 'Li', 'Na', 'Al', 'H')) return 'aluminiumHydride';
  const isBorohydride = n(atoms, 'B') > 0 && n(atoms, 'H') === 4 * n(atoms, 'B') && only(atoms, 'B', 'H', ...metals);
  return isBorohydride ? 'borohydride' : undefined;
}

/**
 * What is left of such a metal or hydride in water, as a formula whose ions are known: its hydroxide, for boron the borate.
 *
 * @param valence of the metals together, which is the number of hydrogens of a hydride
 * @example [hydroxideOf('NaH', 1), hydroxideOf('LiAlH4', 4), hydroxideOf('Zn', 2), hydroxideOf('NaBH4', 4)] // → ['NaOH', 'LiAl(OH)4', 'Zn(OH)2', 'NaH2BO3']
 */
export function hydroxideOf(formula: string, valence: number): string {
  const atoms = anhydrousAtoms(formula);
  const cations = Object.entries(atoms)
    .filter(([element]) => element !== 'H' && element !== 'B')
    .map(([element, count]) => (count === 1 ? element : `${element}${count}`))
    .join('');
  return n(atoms, 'B') > 0 ? `${cations}H2BO3` : valence === 1 ? `${cations}OH` : `${cations}(OH)${valence}`;
}
