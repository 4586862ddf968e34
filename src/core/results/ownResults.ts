import { calculation } from '../operations/calculation';
import { findOperation } from '../operations/registry';
import type { BenchState } from '../record/benchState';
import type { Calculation, CalculationParams } from '../operations/calculation/types';
import type { Finding } from '../finding/finding';

/** A result that the group worked out itself. */
export interface OwnResult extends CalculationParams {
  readonly step: string;
  /** As typed; absent while it is still to be worked out. */
  readonly typed?: Calculation['typed'];
  /** What is wrong with it, with the slip that leads there. */
  readonly finding?: Finding;
}

/** What the group was asked to work out, and what it handed in. */
export function ownResults(state: BenchState): readonly OwnResult[] {
  return state.steps.flatMap(({ step, actual, operation, findings }) => {
    if (operation !== findOperation(calculation.name)) return [];
    const { typed } = actual as Calculation;
    const [finding] = findings;
    return [
      {
        ...(step.params as unknown as CalculationParams),
        step: step.id,
        ...(typed ? { typed } : {}),
        ...(finding ? { finding } : {}),
      },
    ];
  });
}
