import { anhydrousAtoms } from '../compound/atomsOf';
import { groupsOf } from '../reference/groups';
import { hasStatement } from './materials';
import type { Judged } from './materials';

/** Below it vapour over the liquid catches fire in any room: no flame and no spark, °C. */
export const roomFlash_C = 23;
const warmFlash_C = 60;
const combustible_C = 93;

/** Flash point where it is known, °C. */
export function flashOf({ flash }: Judged): number | undefined {
  const value = Number(flash?.digits ?? NaN);
  return Number.isFinite(value) ? value : undefined;
}

/**
 * Whether vapour catches fire at room temperature: a flash point below 23 °C, or a label of that class (UN GHS, 2.6: categories 1 and 2).
 */
export function burnsInRoom(substance: Judged): boolean {
  const flash = flashOf(substance);
  return flash === undefined ? hasStatement(substance, 'H224', 'H225') : flash < roomFlash_C;
}

/** Whether it catches fire when it is warm (to 60 °C), or when it boils anyway (to 93 °C: combustible liquids). */
export function burnsWarm(substance: Judged, boils: boolean): boolean {
  const flash = flashOf(substance);
  if (hasStatement(substance, 'H224', 'H225', 'H226')) return true;
  return flash !== undefined && flash <= (boils ? combustible_C : warmFlash_C);
}

/** Composition of liquids that catch fire by themselves on a surface below 200 °C. */
interface SelfIgniting {
  readonly atoms: Readonly<Record<string, number>>;
  readonly ether?: number;
  readonly aldehyde?: true;
}

/**
 * Diethyl ether 160–180, dioxane 180, dibutyl ether 185–194, 1,2-dimethoxyethane 200, its longer kin 190, acetaldehyde 155–185,
 * propanal 190, carbon disulfide 90–102 °C (common handbook values of the autoignition temperature). Isomers of the same groups are
 * taken for as dangerous.
 */
const selfIgniting: readonly SelfIgniting[] = [
  { atoms: { C: 4, H: 10, O: 1 }, ether: 1 },
  { atoms: { C: 4, H: 8, O: 2 }, ether: 2 },
  { atoms: { C: 8, H: 18, O: 1 }, ether: 1 },
  { atoms: { C: 4, H: 10, O: 2 }, ether: 2 },
  { atoms: { C: 6, H: 14, O: 3 }, ether: 3 },
  { atoms: { C: 2, H: 4, O: 1 }, aldehyde: true },
  { atoms: { C: 3, H: 6, O: 1 }, aldehyde: true },
  { atoms: { C: 1, S: 2 } },
];

/** Whether a hot plate or mantle alone can set its vapour on fire: autoignition below 200 °C. */
export function ignitesItself(substance: Judged): boolean {
  const atoms = anhydrousAtoms(substance.formula);
  const groups = groupsOf(substance);
  return selfIgniting.some(
    (one) =>
      Object.keys(atoms).length === Object.keys(one.atoms).length &&
      Object.entries(one.atoms).every(([element, count]) => atoms[element] === count) &&
      (groups.ether ?? 0) >= (one.ether ?? 0) &&
      (one.aldehyde === undefined || (groups.aldehyde ?? 0) > 0),
  );
}
