import { inSentence } from '../preparation/inSentence';
import { findOperation } from './registry';
import type { Preparation } from '../preparation/document';
import type { Step } from '../preparation/steps';

/** What a step is called: its operation and what it is about, "Melting range: crude product". */
export function stepTitle(doc: Preparation, step: Step): string {
  const operation = findOperation(step.op);
  if (!operation) return step.op;
  const about = stepSubject(doc, step);
  return about === undefined ? operation.title : `${operation.title}: ${inSentence(about)}`;
}

/** Name of the stage or the substance that a step is about. */
export function stepSubject(doc: Preparation, step: Step): string | undefined {
  const { stages = [], lines = [] } = findOperation(step.op)?.refs(step.params) ?? {};
  const stage = doc.stages.find(({ id }) => id === stages[0]);
  if (stage) return stage.name;
  const substance = doc.lines.find(({ id }) => id === lines[0])?.substance;
  return doc.substances.find(({ id }) => id === substance)?.name;
}
