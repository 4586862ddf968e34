import type { Preparation } from './document';
import type { Stage } from './steps';

/** Stages from the reaction to the product, without what branches off on the way (a second crop). */
export function mainStages({ stages }: Preparation): readonly Stage[] {
  const chain: Stage[] = [];
  for (let at = stages.at(-1); at; at = stages.find(({ id }) => id === chain[0]?.from)) chain.unshift(at);
  return chain;
}
