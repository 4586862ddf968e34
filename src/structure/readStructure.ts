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

/** Atoms of the largest structure: looking for groups takes time with their square. */
export const mostAtoms = 250;

/**
 * Reads a structure from SMILES.
 *
 * @returns nothing when it cannot be read or is larger than anything made in a teaching lab
 */
export function readStructure(smiles: string): ReadStructure | undefined {
  try {
    const molecule = Molecule.fromSmiles(smiles);
    return molecule.getAllAtoms() > mostAtoms ? undefined : describe(molecule, smiles);
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
