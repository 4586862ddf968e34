import { namedBy } from '../../operations/named';
import { stepTitle } from '../../operations/stepTitle';
import type { Kind } from '../../worktop/kinds';
import type { Plan } from '../../plan/planTypes';
import type { Prediction } from '../predictProcess';
import type { Step } from '../../document/steps';

/** What the proof-reader reads. */
export interface Subject {
  readonly plan: Pick<Plan, 'doc' | 'lines'>;
  readonly prediction: Prediction;
  readonly kind: (id: string) => Kind;
}

/** Lines of the charge table that a step takes. */
export const linesOf = (step: Step): readonly string[] => namedBy(step, 'line');

/** A step's number and name, as a finding says it. */
export function named({ plan: { doc } }: Pick<Subject, 'plan'>, step: Step): string {
  return `${doc.steps.indexOf(step) + 1} ${stepTitle(doc, step)}`;
}
