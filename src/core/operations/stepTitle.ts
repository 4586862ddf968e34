import { inSentence } from '../document/inSentence';
import { findOperation } from './registry';
import { namedBy } from './named';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

/** What a step is called: its operation and what it is about, "Melting range: crude product". */
export function stepTitle(doc: Preparation, step: Step): string {
  const operation = findOperation(step.op);
  if (!operation) return step.op;
  const about = stepSubject(doc, step);
  return about === undefined ? operation.title : `${operation.title}: ${inSentence(about)}`;
}

/** Name of the stage or the substance that a step is about. */
export function stepSubject(doc: Preparation, step: Step): string | undefined {
  const stage = doc.stages.find(({ id }) => id === namedBy(step, 'stage')[0]);
  if (stage) return stage.name;
  const substance = doc.lines.find(({ id }) => id === namedBy(step, 'line')[0])?.substance;
  return doc.substances.find(({ id }) => id === substance)?.name;
}
