import { readingsToSign } from './readingsToSign';
import type { BenchState, StepState } from '@/core/bench/benchState';
import type { Live } from '@/core/record/foldRecord';

/** Readings that the demonstrator sent back and nobody has asked about again, with the step they belong to. */
export function returnedAt({ steps }: BenchState): readonly { readonly live: Live; readonly step: StepState }[] {
  return steps.flatMap((step) =>
    readingsToSign(step).flatMap((live) => (live.returned !== undefined && !live.asked ? [{ live, step }] : [])),
  );
}
