import { leftOf, makerOf } from '../document/reactions';
import type { Plan } from './planTypes';
import type { Reaction } from '../document/reaction';

/**
 * How much more of an intermediate that is not isolated the plan makes in theory than what takes it on can use, as a ratio of extents; over
 * several reactions their ratios multiply.
 *
 * @param reaction the one that makes the intermediate
 * @param last id of the reaction that it leads to
 * @returns 1 where the intermediate limits all the way, or where the plan does not know
 */
export function surplusOf({ doc, charge }: Pick<Plan, 'doc' | 'charge'>, reaction: Reaction, last: string): number {
  let surplus = 1;
  let at = reaction;
  // Reactions in a circle lead nowhere.
  for (let n = 0; at.id !== last && n < doc.reactions.length; n += 1) {
    const product = at.product;
    if (product === undefined) break;
    const takes = (one: Reaction) => leftOf(one).some(({ substance }) => substance === product);
    const next = doc.reactions.find((one) => takes(one) && makerOf(doc, one, product)?.id === at.id);
    const extents = next && charge.reactions.get(next.id)?.extents;
    const own = extents?.reactants.find(({ id }) => id === product);
    if (!next || !extents || !own) break;
    surplus *= own.extent.q.value / extents.limiting.extent.q.value;
    at = next;
  }
  return surplus;
}
