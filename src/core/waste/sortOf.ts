import { anhydrousAtoms } from '../compound/atomsOf';
import { gasOf } from '../compound/gases';
import { groupsOf, hasGroup } from '../reference/groups';
import { holdsHeavyMetal } from '../compound/heavyMetal';
import { ionsOf } from '../models/acidBase/ionsOf';
import { kinds } from '../hazard/materials';
import { streamByKind } from './quenching';
import type { Substance } from '../document/document';
import type { WasteStream } from '../reference/wasteStreams';

const earths = ['H', 'B', 'C', 'O', 'Na', 'Mg', 'Al', 'Si', 'P', 'S', 'K', 'Ca', 'Ti', 'Fe', 'Zn'];

/**
 * The waste stream of a substance by itself: what was said of it, else by what its structure or formula tells for sure. A formula alone
 * tells neither a carbon–halogen bond from a salt's halide nor a peroxide from an ester.
 *
 * @returns nothing for what nobody can judge: it is asked about, never put into a bottle
 * @example [sortOf({ id: 'a', name: 'Toluene', formula: 'C7H8', smiles: 'Cc1ccccc1' }), sortOf({ id: 'b', name: 'Tar' })] // → ['non-halogenated', undefined]
 */
export function sortOf(substance: Substance): WasteStream | undefined {
  const { waste, formula, smiles } = substance;
  if (waste !== undefined) return waste;
  if (kinds.cyanide(substance) || kinds.cyanohydrin(substance)) return 'cyanide';
  if (kinds.azide(substance)) return 'azide';
  if (kinds.sulfide(substance)) return 'sulfide';
  if (holdsHeavyMetal(formula)) return 'heavy-metal';
  if (kinds.oxidizer(substance) || kinds.halogen(substance)) return 'oxidizer';
  const quenched = streamByKind(substance);
  if (quenched) return quenched;
  const atoms = anhydrousAtoms(formula);
  const elements = Object.keys(atoms);
  if (elements.length === 0) return undefined;
  if (gasOf(formula) !== undefined) return 'air';
  const groups = groupsOf(substance);
  if (kinds.water(substance) || kinds.carbonate(substance) || hasGroup(groups, 'mineralAcid', 'hydroxide', 'ammonia'))
    return 'aqueous';
  if (ionsOf(formula ?? '') !== undefined) return 'aqueous';
  if ((atoms['C'] ?? 0) > 0) {
    if (elements.every((one) => one === 'C' || one === 'H')) return 'non-halogenated';
    if (smiles === undefined) return undefined;
    return kinds.organohalide(substance) ? 'halogenated' : 'non-halogenated';
  }
  return (atoms['O'] ?? 0) > 0 && elements.every((one) => earths.includes(one)) ? 'solid' : undefined;
}
