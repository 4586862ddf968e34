import { predictProcess } from '../process/predictProcess';
import type { BenchState } from '../bench/benchState';
import type { Loss } from '../worktop/loss';

/**
 * What the models foresee to be lost at the steps that are done, from what was actually charged. A step that reads its own loss
 * off the record (a volume of mother liquor) is believed; the others are foreseen as on the plan.
 */
export function foreseenLosses({ bench: { doc }, charge, steps }: BenchState): readonly Loss[] {
  const { plan, actual } = charge;
  // What was not measured counts as planned.
  const rows = new Map([...plan.charge.rows, ...actual.rows]);
  const { stages } = predictProcess({
    doc,
    factor: plan.factor,
    lines: plan.lines,
    charge: { ...plan.charge, ...actual, rows },
  });
  const foreseen = stages.flatMap(({ losses }) => losses);
  return steps.flatMap(({ step, operation, losses, status }) =>
    operation.losses || status !== 'done' ? losses : foreseen.filter((loss) => loss.step === step.id),
  );
}
