import { params } from '../params';
import {
  portionsWords,
  openFirst,
  shakingAsks,
  shakingCautions,
  shakingFindings,
  shakingOf,
  shakingShape,
} from '../shaking/shaking';
import { washLayer } from './predict';
import type { Operation } from '../operation';
import type { Shaking, ShakingParams } from '../shaking/types';

/** Pulling impurities out of the product's layer: what stays is kept. */
export const wash: Operation<ShakingParams, Shaking> = {
  name: 'wash',
  version: 1,
  title: 'Wash',
  params: params(shakingShape),
  refs: ({ line, of }) => ({ lines: [line], ...(of === undefined ? {} : { stages: [of] }) }),
  without: (params, line) => (line === params.line ? undefined : params),
  actual: shakingOf,
  sentence: (context) =>
    `Wash${portionsWords(context)}; keep the organic layer, which should be the ${context.params.organic} one.`,
  cautions: (context) => [...openFirst(context), ...shakingCautions],
  conditions: () => ({ shakes: true }),
  isolates: true,
  predict: (work, params) => washLayer(work, params),
  asks: (_, context) =>
    shakingAsks(context, 'Separate. The organic layer stays, the wash goes into its labelled flask.'),
  check: (actual, context) => shakingFindings(actual, context, 'Wash'),
};
