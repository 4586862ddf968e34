import { reactionBehind, rootOf, supplyOf } from './reactions';
import { contentOf, earlierOf } from './steps';
import type { Preparation } from './document';
import type { Stage } from './steps';

type Staged = Pick<Preparation, 'stages' | 'reactions' | 'lines' | 'reference'>;

/**
 * Stages from the charge to the product, without what branches off on the way (a second crop); over several reactions through the
 * stages that feed them. Where several things are taken apart, the way of each of them.
 */
export function mainStages(doc: Staged): readonly Stage[] {
  const { stages } = doc;
  const chain: Stage[] = [];
  for (let at = stages.at(-1); at && !chain.includes(at); at = stageBefore(doc, at)) chain.unshift(at);
  return stages.filter((stage) => chain.includes(stage) || contentOf(rootOf(doc, stage)) !== undefined);
}

/** The stage that one was worked up from, or that feeds the reaction which made it. */
function stageBefore(doc: Staged, stage: Stage): Stage | undefined {
  const earlier = earlierOf(stage);
  const reaction = earlier === undefined ? reactionBehind(doc, stage) : undefined;
  const from = earlier ?? (reaction && supplyOf(doc, reaction))?.supply?.stage;
  return doc.stages.find(({ id }) => id === from);
}
