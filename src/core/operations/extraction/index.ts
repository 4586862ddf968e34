import { measureLine } from '../asks';
import { array } from 'yup';
import { idParam, params } from '../params';
import { shakeOut } from './predict';
import {
  portionsWords,
  openFirst,
  shakingAsks,
  shakingCautions,
  shakingFindings,
  shakingOf,
  shakingShape,
} from '../shaking/shaking';
import type { Operation } from '../operation';
import type { Shaking, ShakingParams } from '../shaking/types';

export interface ExtractionParams extends ShakingParams {
  /** Lines added to the funnel before, such as salt. */
  readonly first?: readonly string[];
}

/** Pulling the product out of a layer: the extracts are kept. */
export const extraction: Operation<ExtractionParams, Shaking> = {
  name: 'extraction',
  version: 1,
  title: 'Extraction',
  params: params({ ...shakingShape, first: array(idParam().required()).max(5, 'must have at most 5 lines') }),
  refs: ({ line, of, first = [] }) => ({ lines: [line, ...first], ...(of === undefined ? {} : { stages: [of] }) }),
  without: ({ first, ...params }, line) =>
    line === params.line ? undefined : { ...params, ...(first ? { first: first.filter((id) => id !== line) } : {}) },
  actual: shakingOf,
  sentence: (context) =>
    `Extract${portionsWords(context)}; the organic layer should be the ${context.params.organic} one.`,
  cautions: (context) => ['Keep every extract.', ...openFirst(context), ...shakingCautions],
  conditions: () => ({ shakes: true }),
  isolates: true,
  predict: (work, params) => shakeOut(work, params),
  asks: (_, context) => [
    ...(context.params.first ?? []).flatMap((line) => measureLine(context, line)),
    ...shakingAsks(context, 'Drain the lower layer, pour the upper one out of the top; combine the extracts.'),
  ],
  check: (actual, context) => shakingFindings(actual, context, 'Extraction'),
};
