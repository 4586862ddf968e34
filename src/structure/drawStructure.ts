import 'server-only';
import { Molecule } from 'openchemlib';
import { mostAtoms } from './readStructure';

/** A drawn structure and its element counts. */
export interface DrawnStructure {
  /** SVG in `currentColor`, so that it follows light and dark. */
  readonly svg: string;
  /** Molecular formula as the drawing package counts it, for cross-checking ours. */
  readonly formula: string;
}

/**
 * Draws a structure from SMILES.
 *
 * @returns nothing when the SMILES cannot be read or the structure is too large
 */
export function drawStructure(smiles: string): DrawnStructure | undefined {
  try {
    const molecule = Molecule.fromSmiles(smiles);
    if (molecule.getAllAtoms() > mostAtoms) return undefined;
    const svg = molecule
      .toSVG(320, 220, undefined, {
        autoCrop: true,
        autoCropMargin: 6,
        suppressChiralText: true,
        suppressESR: true,
        suppressCIPParity: true,
        noStereoProblem: true,
      })
      .replace(/rgb\(\d+,\s*\d+,\s*\d+\)|#[0-9a-fA-F]{3,6}\b|\bblack\b/g, 'currentColor')
      .replace(/ id="[^"]*"/g, '')
      .replace(/<style>[\s\S]*?<\/style>/g, '');
    return { svg, formula: molecule.getMolecularFormula().formula };
  } catch {
    return undefined;
  }
}
