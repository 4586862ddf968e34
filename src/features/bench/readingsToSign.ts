import { readingsAtStep } from './readingsAtStep';
import type { Live } from '@/core/record/foldRecord';
import type { StepState } from '@/core/bench/benchState';

/** Readings of a step that a signature would seal. */
export function readingsToSign(step: StepState): readonly Live[] {
  return readingsAtStep(step, 'live');
}
