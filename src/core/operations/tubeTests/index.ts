import { array, string } from 'yup';
import { checks, event } from '../asks';
import { eventAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { idParam, params } from '../params';
import { sample } from '../predicting/sample';
import type { Ask } from '../ask';
import type { Operation, StepContext } from '../operation';

export interface TubeTestsParams {
  readonly of?: string;
  readonly reagent: string;
  readonly sign: string;
  /** Samples beside the controls. */
  readonly tubes: readonly string[];
  /** What shows the test, and what does not. */
  readonly positive: string;
  readonly negative: string;
}

export interface TubeTests {
  /** What each tube showed, in the order of the rack. */
  readonly seen: readonly {
    readonly tube: string;
    readonly control?: 'positive' | 'negative';
    readonly shows?: boolean;
  }[];
}

const key = (i: number) => `tube-${i + 1}`;

const rack = ({ tubes, positive, negative }: TubeTestsParams) => [
  ...tubes.map((tube) => ({ tube })),
  { tube: `Control: ${positive}`, control: 'positive' as const },
  { tube: `Control: ${negative}`, control: 'negative' as const },
  { tube: 'Blank', control: 'negative' as const },
];

/** A rack of tubes: samples, a known positive, a known negative and a blank. It shows a group, not that a sample is pure. */
export const tubeTests: Operation<TubeTestsParams, TubeTests> = {
  name: 'tubeTests',
  version: 1,
  title: 'Tube tests',
  params: params({
    of: idParam(),
    reagent: string().max(80, 'must be at most 80 characters').required(),
    sign: string().max(120, 'must be at most 120 characters').required(),
    tubes: array(string().max(60, 'must be at most 60 characters').required())
      .min(1, 'must have at least 1 tube')
      .max(8, 'must have at most 8 tubes')
      .required(),
    positive: string().max(60, 'must be at most 60 characters').required(),
    negative: string().max(60, 'must be at most 60 characters').required(),
  }),
  refs: ({ of }) => (of === undefined ? {} : { stages: [of] }),
  actual: (context) => ({
    seen: rack(context.params).map((one, i) => {
      const yes = eventAt(context, `${key(i)}-yes`);
      const no = eventAt(context, `${key(i)}-no`);
      return { ...one, ...(yes ? { shows: true } : no ? { shows: false } : {}) };
    }),
  }),
  sentence: ({ params: { reagent, sign } }) => `Same drops of ${reagent} into every tube, all at once: ${sign}?`,
  cautions: () => ['Waste of each test goes into its own bottle.'],
  predict: (work) => sample(work, { low: 0.01, typical: 0.02, high: 0.05 }),
  asks: ({ seen }, context) => [
    ...checks(context, { labelled: 'Every tube is labelled, the controls too.' }),
    ...seen.map(({ tube, shows }, i) => tubeAsk(context, tube, i, shows)),
  ],
  check: ({ seen }, { step }) => {
    const bad = seen.filter(
      ({ control, shows }) => control !== undefined && shows !== undefined && shows !== (control === 'positive'),
    );
    return bad.length === 0
      ? []
      : [
          finding(
            'tubes.control',
            'caution',
            { step: step.id, field: 'controls' },
            { tubes: bad.map(({ tube }) => tube).join('; ') },
          ),
        ];
  },
};

function tubeAsk(context: StepContext, tube: string, i: number, shows: boolean | undefined): Ask {
  return {
    ...event(context, `${key(i)}-yes`, `${tube}: what does it show?`, 'It shows'),
    or: [{ name: `${key(i)}-no`, button: 'It does not' }],
    done: shows !== undefined,
  };
}
