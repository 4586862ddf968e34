import { earlierOf } from '../document/steps';
import { findOperation } from '../operations/registry';
import { goalOf, namedBy } from '../operations/named';
import type { Preparation } from '../document/document';
import type { Stage, Step } from '../document/steps';

const measures = (step: Step, stage: string): boolean =>
  findOperation(step.op)?.mass !== undefined && namedBy(step, 'stage').includes(stage);
const weighs = (step: Step, stage: string): boolean => !step.optional && measures(step, stage);

/** Whether no step at all measures a stage: it is only tested, or nobody has said it yet. What is foreseen of it stands at the end. */
export const isUnweighed = ({ steps }: Pick<Preparation, 'steps'>, stage: string): boolean =>
  !steps.some((step) => measures(step, stage));

/** Step at which a stage is weighed for the last time. */
export function weighingOf({ steps }: Preparation, stage: string): Step | undefined {
  return steps.findLast((step) => weighs(step, stage));
}

/**
 * Stage that a step works towards: the next one that is weighed from here on. A step may name the stage itself, when several
 * are made side by side.
 */
export function stageAhead(doc: Preparation, step: Step): Stage | undefined {
  const from = doc.steps.indexOf(step);
  const named = namedStage(doc, step);
  const ahead = (id: string) => doc.steps.findLastIndex((one) => weighs(one, id)) >= from;
  if (named && (ahead(named.id) || isUnweighed(doc, named.id))) return named;
  // What is taken from a stage after it was weighed is missing in the one that is made from it.
  if (named) return doc.stages.find((one) => earlierOf(one) === named.id && ahead(one.id));
  for (const later of doc.steps.slice(from)) {
    const stage = doc.stages.find(({ id }) => weighs(later, id));
    if (stage) return stage;
  }
  return doc.stages.findLast(({ id }) => isUnweighed(doc, id));
}

function namedStage({ stages }: Preparation, step: Step): Stage | undefined {
  const goal = goalOf(step);
  return stages.find(({ id }) => id === goal);
}
