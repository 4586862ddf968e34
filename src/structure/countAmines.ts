import 'server-only';
import { Molecule } from 'openchemlib';

const nitrogen = 7;
const carbon = 6;

/**
 * Basic nitrogens of a molecule: amines and pyridine-like ring atoms. Not those of amides, sulfonamides, hydrazines, nitro
 * groups, pyrroles or ammonium ions.
 */
export function countAmines(molecule: Molecule): number {
  molecule.ensureHelperArrays(Molecule.cHelperRings);
  let count = 0;
  for (let atom = 0; atom < molecule.getAtoms(); atom += 1) {
    if (molecule.getAtomicNo(atom) === nitrogen && isBasic(molecule, atom)) count += 1;
  }
  return count;
}

function isBasic(molecule: Molecule, atom: number): boolean {
  if (molecule.getAtomCharge(atom) !== 0) return false;
  const partners = Array.from({ length: molecule.getConnAtoms(atom) }, (_, i) => molecule.getConnAtom(atom, i));
  if (molecule.isAromaticAtom(atom)) return partners.length === 2 && molecule.getAllHydrogens(atom) === 0;
  const single = partners.every((_, i) => molecule.getConnBondOrder(atom, i) === 1);
  return single && partners.length > 0 && partners.every((other) => isPlainCarbon(molecule, other));
}

/** A carbon that takes no electrons from its neighbour: none with a double bond to oxygen, nitrogen or sulfur. */
function isPlainCarbon(molecule: Molecule, atom: number): boolean {
  if (molecule.getAtomicNo(atom) !== carbon) return false;
  if (molecule.isAromaticAtom(atom)) return true;
  return !Array.from({ length: molecule.getConnAtoms(atom) }, (_, i) => i).some(
    (i) => molecule.getConnBondOrder(atom, i) > 1 && molecule.getAtomicNo(molecule.getConnAtom(atom, i)) !== carbon,
  );
}
