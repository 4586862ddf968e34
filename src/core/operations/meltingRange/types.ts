import type { MeltingDatum } from '../../preparation/document';
import type { Capillary } from './meltingRun';

export interface MeltingRangeParams {
  readonly of: string;
}

export interface MeltingRange {
  readonly capillaries: readonly Capillary[];
  readonly literature?: MeltingDatum;
}

/** Above this rate the thermometer lags behind the sample, K/min. */
export const fastestRamp = 3;

/** What an uncalibrated apparatus may be off, K. */
export const allowance_K = 1;
