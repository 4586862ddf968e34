import { inSentence } from '../document/inSentence';
import type { Operation, StepContext } from './operation';

/** The usual cautions of a step, shown before it begins: those of its operation, and of a gas trap where it has one. */
export function stepCautions({ cautions }: Operation, context: StepContext): readonly string[] {
  const { step, bench } = context;
  const trap = bench.doc.vessels.find(({ id }) => id === step.uses?.['trap']);
  return [
    ...(cautions?.(context) ?? []),
    ...(trap
      ? [
          `The gas goes into the ${inSentence(trap.name)}: the funnel over the liquid, never dipping in, or it sucks back.`,
        ]
      : []),
  ];
}
