import { number } from 'yup';
import { celsiusParam, idParam, params } from '../params';
import { checks, event, measure, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { eventsAt, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { setPH } from './predict';
import { temperatureWay } from '../ways';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface NeutralizationParams {
  /** Acid or base that is added in portions. */
  readonly line: string;
  readonly low_pH: number;
  readonly high_pH: number;
  /** Not warmer than this while adding. */
  readonly below_C?: number;
  readonly of?: string;
}

export interface Neutralization {
  readonly temperature?: Live<Reading>;
  readonly reached?: Live<Happening>;
}

const pH = () => number().min(-1, 'must be at least -1').max(15, 'must be at most 15');
const setUp = {
  open: 'An open, large vessel, stirred: never stoppered while gas can come.',
  paper: 'pH paper and a rod are at hand.',
} as const;

/** Neutralizing, or setting a pH at which something comes out: in portions, to an end point that is tested. */
export const neutralization: Operation<NeutralizationParams, Neutralization> = {
  name: 'neutralization',
  version: 1,
  title: 'Neutralization',
  params: params({
    line: idParam().required(),
    low_pH: pH().required(),
    high_pH: pH().required(),
    below_C: celsiusParam(),
    of: idParam(),
  }),
  refs: ({ line, of }) => ({ lines: [line], ...(of === undefined ? {} : { stages: [of] }) }),
  without: (params, line) => (line === params.line ? undefined : params),
  actual: (context) => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'reached'), ...(temperature ? { temperature } : {}) };
  },
  sentence: ({ params: { low_pH, high_pH } }) => `Add in portions, stirring, to pH ${low_pH}–${high_pH}.`,
  cautions: (context) => cautionOf(context, context.params.line),
  conditions: ({ line }) => ({ dosed: [line], setsPH: true }),
  isolates: true,
  predict: (work, params) => setPH(work, params),
  asks: (_, context) => [
    ...checks(context, setUp),
    ...measureLine(context, context.params.line),
    ...(context.params.below_C === undefined
      ? []
      : [
          measure(context, {
            id: 'temperature',
            title: 'Highest temperature',
            ways: [temperatureWay('Highest temperature while adding.')],
            window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
          }),
        ]),
    event(
      context,
      'reached',
      `Test a drop on paper: pH ${context.params.low_pH}–${context.params.high_pH}, and no more gas.`,
      'The paper says so',
    ),
  ],
  check: ({ temperature }, context) =>
    temperature && context.params.below_C !== undefined
      ? outsideWindow(temperature, context, 'Neutralization', { high: context.params.below_C })
      : [],
};
