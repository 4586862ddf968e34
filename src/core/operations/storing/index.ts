import { string } from 'yup';
import { checks, event } from '../asks';
import { eventsAt } from '../onRecord';
import { idParam, params } from '../params';
import { stageName } from '../stages';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface StoringParams {
  readonly of: string;
  /** How: "stoppered, in the cold". */
  readonly how: string;
}

/** Putting something away, labelled, until the next period. */
export const storing: Operation<StoringParams, { readonly stored?: Live<Happening> }> = {
  name: 'storing',
  version: 1,
  title: 'Storing',
  params: params({ of: idParam().required(), how: string().max(120, 'must be at most 120 characters').required() }),
  refs: ({ of }) => ({ stages: [of] }),
  actual: (context) => eventsAt(context, 'stored'),
  sentence: (context) => `Put the ${stageName(context, context.params.of)} away: ${context.params.how}.`,
  predict: () => undefined,
  asks: (_, context) => [
    ...checks(context, {
      label: 'The label says what it is, bench, date, tare and gross, hazards, and the next step.',
    }),
    event(context, 'stored', 'It stands in its place.', 'Put away'),
  ],
};
