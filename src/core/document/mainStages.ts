import type { Preparation } from './document';
import type { Stage } from './steps';

/** The stage from the charge that a stage goes back to. */
export function rootOf({ stages }: Pick<Preparation, 'stages'>, stage: Stage): Stage {
  const earlier = stages.find(({ id }) => id === stage.from);
  return earlier ? rootOf({ stages }, earlier) : stage;
}

/**
 * Stages from the charge to the product, without what branches off on the way (a second crop). Where several things are taken
 * apart, the way of each of them.
 */
export function mainStages({ stages }: Pick<Preparation, 'stages'>): readonly Stage[] {
  const chain: Stage[] = [];
  for (let at = stages.at(-1); at; at = stages.find(({ id }) => id === chain[0]?.from)) chain.unshift(at);
  return stages.filter((stage) => chain.includes(stage) || rootOf({ stages }, stage).basis !== undefined);
}
