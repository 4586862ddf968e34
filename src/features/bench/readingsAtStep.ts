import type { Live } from '@/core/record/foldRecord';
import type { Reading } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';

/** Readings of a step with a status: those of the lines that it measures and its own. */
export const readingsAtStep = ({ own }: StepState, status: Live['status']): readonly Live<Reading>[] =>
  own.filter((one): one is Live<Reading> => one.status === status && one.body.k === 'reading');
