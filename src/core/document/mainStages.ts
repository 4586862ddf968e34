import type { Preparation } from './document';
import { rootOf } from './reactions';
import { contentOf, earlierOf } from './steps';
import type { Stage } from './steps';

/**
 * Stages from the charge to the product, without what branches off on the way (a second crop). Where several things are taken
 * apart, the way of each of them.
 */
export function mainStages({ stages }: Pick<Preparation, 'stages'>): readonly Stage[] {
  const chain: Stage[] = [];
  for (let at = stages.at(-1); at; at = stages.find(({ id }) => id === (chain[0] && earlierOf(chain[0]))))
    chain.unshift(at);
  return stages.filter((stage) => chain.includes(stage) || contentOf(rootOf({ stages }, stage)) !== undefined);
}
