import { listedBoiling_C } from '../reference/listedBoiling';
import { anhydrousAtoms, equalAtoms } from '../compound/atomsOf';
import type { Kind } from './kinds';
import type { World } from './worktop';

/** Solutes that leave their water: hydrogen halides, ammonia, bromine, acetic and formic acid, formaldehyde. */
const solutes = [
  { H: 1, Cl: 1 },
  { H: 1, Br: 1 },
  { N: 1, H: 3 },
  { Br: 2 },
  { C: 2, H: 4, O: 2 },
  { C: 1, H: 2, O: 2 },
  { C: 1, H: 2, O: 1 },
] as const;

/**
 * Whether a substance boils off when its mixture is heated to some temperature: water and what boils up to there; of a solution the
 * solute only where it is volatile itself.
 *
 * @param upTo_C @default any boiling point
 */
export function boilsAway({ water, solid, inorganic, salt, groups, substance }: Kind, upTo_C = Infinity): boolean {
  if (water) return true;
  const dissolved = (groups.water ?? 0) > 0 || inorganic;
  if (dissolved && substance?.boiling === undefined) {
    const atoms = anhydrousAtoms(substance?.formula);
    return solutes.some((one) => equalAtoms(one, atoms));
  }
  if (solid || salt) return false;
  const boiling = listedBoiling_C(substance);
  return Number.isFinite(boiling) ? boiling <= upTo_C : upTo_C === Infinity;
}

/** Boiling point of what stands on a worktop, °C: as listed, 100 of water; NaN where nobody knows. */
export function boilingPointOf({ world }: { readonly world: Pick<World, 'kind'> }, id: string): number {
  const { water, substance } = world.kind(id);
  const listed = listedBoiling_C(substance);
  return water && Number.isNaN(listed) ? 100 : listed;
}
