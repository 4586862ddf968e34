import type { Live } from '@/core/record/foldRecord';
import type { StepState } from '@/core/record/benchState';

/** Readings of a step that a signature would seal: those of its lines and its own. */
export function readingsToSign({ asks, step, context }: StepState): readonly Live[] {
  const lines = new Set(asks.flatMap((ask) => (ask.kind === 'measure' ? (ask.about.line ?? []) : [])));
  return context.bench.record.filter(
    ({ status, body }) =>
      status === 'live' &&
      body.k === 'reading' &&
      (body.place.step === step.id || (body.place.line !== undefined && lines.has(body.place.line))),
  );
}
