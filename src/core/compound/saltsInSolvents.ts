import { anhydrousAtoms } from './atomsOf';
import { carboxylates, phenolates, sulfonates } from './drawnAnions';
import { isInsoluble } from './solubilityRules';

/** Solvents as salts tell them apart. */
export type SaltSolvent = 'alcohol' | 'ketone' | 'halogenated' | 'aprotic' | 'polar';

const alkali = ['Na', 'K', 'Cs', 'Rb'];
const plainMetals = [...alkali, 'Ca', 'Mg', 'Ba', 'Sr'];
const halogens = ['F', 'Cl', 'Br', 'I'];

/**
 * Whether an organic solvent hardly dissolves a salt, by the rules of general chemistry: salts of alkali and alkaline earth metals and of
 * ammonium in hydrocarbons, ethers, esters and halogenated solvents; those of oxoacids and most chlorides in alcohols, ketones and other
 * polar ones too. Iodides, lithium salts, hydrides, halides of other metals and salts of quaternary ions go their own ways.
 *
 * @param salt formula, and structure where one is known
 * @returns nothing where the rules do not speak of it
 * @example [isSaltInsoluble({ formula: 'NaCl' }, 'aprotic'), isSaltInsoluble({ formula: 'NaI' }, 'ketone')] // → [true, undefined]
 */
export function isSaltInsoluble(
  { formula, smiles = '' }: { readonly formula?: string | undefined; readonly smiles?: string | undefined },
  solvent: SaltSolvent,
): boolean | undefined {
  const atoms = anhydrousAtoms(formula);
  const has = (element: string) => (atoms[element] ?? 0) > 0;
  // What no water dissolves, no other solvent does.
  if (isInsoluble(formula)) return true;
  if (has('Li')) return undefined;
  const metals = Object.keys(atoms).filter((one) => !nonMetals.has(one));
  if (has('C') && !isCarbonOxo(atoms)) return organicSalt(atoms, metals, smiles, solvent);
  const ammonium = metals.length === 0 && has('N') && (atoms['H'] ?? 0) >= 4;
  if (metals.length === 0 && !ammonium) return undefined;
  if (isOxoanion(atoms)) return true;
  // Nitrates and halides of the other metals dissolve in much.
  if (!metals.every((one) => plainMetals.includes(one)) || (has('H') && (has('B') || has('Al')))) return undefined;
  const rest = Object.keys(atoms).filter((one) => !metals.includes(one) && !(ammonium && (one === 'N' || one === 'H')));
  const halide = rest.length === 1 && halogens.includes(rest[0] ?? '') ? rest[0] : undefined;
  const unlike = solvent === 'aprotic' || solvent === 'halogenated';
  if (halide !== undefined && metals.some((one) => !alkali.includes(one)))
    return unlike && !metals.includes('Mg') ? true : undefined;
  if (unlike) return true;
  if (halide === 'Cl' || halide === 'F') return true;
  if (halide === 'Br') return solvent === 'ketone' || has('K') ? true : undefined;
  return undefined;
}

const nonMetals = new Set(['H', 'B', 'C', 'N', 'O', 'F', 'Si', 'P', 'S', 'Cl', 'Se', 'Br', 'I']);

type Atoms = Readonly<Record<string, number>>;
/** Carbonate and hydrogencarbonate. */
const isCarbonOxo = (atoms: Atoms) => atoms['O'] === 3 * (atoms['C'] ?? 0) && !('N' in atoms && !('H' in atoms));
/** Sulfates, sulfites, phosphates, carbonates, borates, chromates: with two oxygens or more to each. */
const isOxoanion = (atoms: Atoms) =>
  ['S', 'P', 'C', 'B'].some((one) => (atoms[one] ?? 0) > 0 && (atoms['O'] ?? 0) >= 2 * (atoms[one] ?? 0));

/** Carboxylates, phenolates and sulfonates of plain metals, and salts of amines with hydrogen halides. */
function organicSalt(
  atoms: Atoms,
  metals: readonly string[],
  smiles: string,
  solvent: SaltSolvent,
): boolean | undefined {
  if (metals.length > 0 && metals.every((one) => plainMetals.includes(one))) {
    if (solvent !== 'aprotic' && solvent !== 'halogenated') return undefined;
    const drawn = [carboxylates, phenolates, sulfonates].some((one) => smiles.match(one));
    return (smiles === '' ? (atoms['O'] ?? 0) >= 2 : drawn) || undefined;
  }
  // Halogenated solvents take many of them.
  if (solvent !== 'aprotic') return undefined;
  return /\[(NH\d?|nH)\+\]|(^|\.)(Cl|Br)(\.|$)/.test(smiles) || undefined;
}
