import 'server-only';
import { Molecule } from 'openchemlib';
import { findGroups } from './findGroups';
import type { GroupCounts } from '@/core/reference/groups';

/** What a structure says by itself. */
export interface ReadStructure {
  readonly smiles: string;
  /** Molecular formula as the structure package counts it. */
  readonly formula: string;
  readonly matches: GroupCounts;
  /** The same for the same structure, however it was written. */
  readonly code: string;
}

const kept = new Map<string, ReadStructure>();
const mostKept = 2000;

/**
 * Reads a structure from SMILES; answers are kept, since the library asks for the same ones again and again.
 *
 * @returns nothing when it cannot be read
 */
export function readStructure(smiles: string): ReadStructure | undefined {
  const known = kept.get(smiles);
  if (known) return known;
  try {
    const read = describe(Molecule.fromSmiles(smiles), smiles);
    if (kept.size < mostKept) kept.set(smiles, read);
    return read;
  } catch {
    return undefined;
  }
}

/** Formula, groups and code of a molecule. */
export function describe(molecule: Molecule, smiles = molecule.toIsomericSmiles()): ReadStructure {
  return {
    smiles,
    formula: molecule.getMolecularFormula().formula,
    matches: findGroups(molecule),
    code: molecule.getIDCode(),
  };
}
