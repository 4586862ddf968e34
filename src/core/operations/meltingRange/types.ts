import * as field from '../declare/fields';
import type { MeltingDatum } from '../../document/document';
import type { Capillary } from './meltingRun';
import type { Fields, ParamsOf } from '../declare/fields';

export const meltingRangeFields = {
  of: field.goal('What is melted'),
  approximate: field.optional(
    field.flag('One approximate reading', {
      help: 'Without an apparatus: a thermometer in a tube. It judges nothing.',
    }),
  ),
} satisfies Fields;

export type MeltingRangeParams = ParamsOf<typeof meltingRangeFields>;

export interface MeltingRange {
  readonly capillaries: readonly Capillary[];
  readonly literature?: MeltingDatum;
}

/** Above this rate the thermometer lags behind the sample, K/min. */
export const fastestRamp = 3;

/** What an uncalibrated apparatus may be off, K. */
export const allowance_K = 1;
