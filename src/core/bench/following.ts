import { findOperation } from '../operations/registry';
import { inOrder, reactionBehind, supplyOf } from '../document/reactions';
import { namedBy } from '../operations/named';
import { stepsAfter } from '../document/order';
import type { ChargeLine, Preparation } from '../document/document';
import type { Reaction } from '../document/reaction';
import type { Stage } from '../document/steps';

/** A reaction whose scale is set by what there is of an earlier stage. */
export interface Fed {
  readonly reaction: Reaction;
  /** The line that is taken from the stage. */
  readonly line: ChargeLine;
  readonly stage: Stage;
  /** The reaction that made the stage, if it is fed itself. */
  readonly before?: string;
}

/** The reactions that an isolated stage feeds, each after those that feed it. */
export function fedReactions(doc: Preparation): readonly Fed[] {
  const found: Fed[] = [];
  for (const reaction of inOrder(doc)) {
    const line = supplyOf(doc, reaction);
    const stage = doc.stages.find(({ id }) => id === line?.supply?.stage);
    if (!line || !stage) continue;
    const maker = reactionBehind(doc, stage)?.id;
    const before = found.find((one) => one.reaction.id === maker)?.reaction.id;
    found.push({ reaction, line, stage, ...(before === undefined ? {} : { before }) });
  }
  return found;
}

/**
 * The fed reaction whose scale a line follows: the one that it goes into; for a line of the work-up, the last one whose stage is
 * measured before a step takes the line. None where a line follows the scale of the whole.
 */
export function followedBy(doc: Preparation, fed: readonly Fed[]): ReadonlyMap<string, string> {
  const follows = new Map<string, string>();
  if (fed.length === 0) return follows;
  const later = fed.map(({ stage }) => {
    const weighed = doc.steps.findLast((step) => weighs(step) && namedBy(step, 'stage').includes(stage.id));
    return weighed ? stepsAfter(doc.steps, weighed.id) : new Set<string>();
  });
  for (const line of doc.lines) {
    const step = doc.steps.find((one) => namedBy(one, 'line').includes(line.id));
    const at = fed.findLastIndex(
      ({ reaction }, i) =>
        line.reaction === reaction.id || (line.reaction === undefined && step && later[i]?.has(step.id)),
    );
    const found = fed[at];
    if (found) follows.set(line.id, found.reaction.id);
  }
  return follows;
}

const weighs = ({ op }: Preparation['steps'][number]) => findOperation(op)?.mass !== undefined;
