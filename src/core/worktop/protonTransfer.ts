import { acidBaseOf } from './acidBase';
import { anhydrousAtoms } from '../compound/atomsOf';
import { hasGroup } from '../reference/groups';
import { ionsOf } from '../models/acidBase/ionsOf';
import { leftOf, rightOf } from '../document/reactions';
import type { Kind } from './kinds';
import type { Reaction } from '../document/reaction';

/**
 * Whether a reaction only moves protons and ions: every term is an acid, a base, a salt or water, and every organic skeleton comes out as
 * it went in. Such a reaction is over at once and wholly.
 */
export function isProtonTransfer(kind: (id: string) => Kind, reaction: Reaction): boolean {
  const sides = [leftOf(reaction), rightOf(reaction)].map((terms) =>
    terms.map(({ substance, coefficient }) => ({ one: kind(substance), coefficient })),
  );
  if (!sides.flat().every(({ one }) => isIonic(one))) return false;
  const [left = [], right = []] = sides.map((terms) =>
    terms
      .flatMap(({ one, coefficient }) => {
        const skeleton = skeletonOf(one);
        return skeleton === undefined ? [] : [`${skeleton} ${String(coefficient)}`];
      })
      .sort(),
  );
  return left.length > 0 && left.join() === right.join();
}

const isIonic = (one: Kind) =>
  one.water || one.salt || acidBaseOf(one) !== undefined || ionsOf(one.substance?.formula ?? '') !== undefined;

/** Carbons and nitrogens of an organic substance, with the halogens on its carbons; a counter-ion is no part of it. */
function skeletonOf({ inorganic, water, groups, substance }: Kind): string | undefined {
  if (inorganic || water || ionsOf(substance?.formula ?? '') !== undefined) return undefined;
  const atoms = anhydrousAtoms(substance?.formula);
  const onCarbon = hasGroup(groups, 'organohalide') ? ['F', 'Cl', 'Br', 'I'] : [];
  // Sulfate of a salt is a counter-ion; sulfur on carbon is not.
  const fragments = (substance?.smiles ?? '').split('.').filter((one) => /c|C(?![a-z])/.test(one));
  const sulfurs = fragments.join('').match(/S(?![a-z])|s/g)?.length ?? 0;
  return [...['C', 'N', ...onCarbon].map((one) => `${one}${String(atoms[one] ?? 0)}`), `S${String(sulfurs)}`].join(' ');
}
