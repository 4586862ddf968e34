import type { BenchState } from '../bench/benchState';
import type { Finding } from '../finding/finding';
import type { OwnTask } from '../operations/operation';

/** A result that the group worked out itself, or still has to. */
export interface OwnResult extends OwnTask {
  readonly step: string;
  /** What is wrong with it, with the slip that leads there. */
  readonly finding?: Finding;
}

/** What the group was asked to work out, and what it handed in. */
export function ownResults(state: BenchState): readonly OwnResult[] {
  return state.steps.flatMap(({ step, actual, operation, context, findings: [finding] }) => {
    const own = operation.own?.(actual, context);
    return own ? [{ ...own, step: step.id, ...(finding ? { finding } : {}) }] : [];
  });
}
