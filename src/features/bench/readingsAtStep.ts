import type { Live } from '@/core/record/foldRecord';
import type { Reading } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';

/** Readings of a step with a status: those of the lines that it measures and its own. */
export function readingsAtStep({ asks, step, context }: StepState, status: Live['status']): readonly Live<Reading>[] {
  const lines = new Set(asks.flatMap((ask) => (ask.kind === 'measure' ? (ask.about.line ?? []) : [])));
  return context.bench.record.filter(
    (one): one is Live<Reading> =>
      one.status === status &&
      one.body.k === 'reading' &&
      (one.body.place.step === step.id || (one.body.place.line !== undefined && lines.has(one.body.place.line))),
  );
}
