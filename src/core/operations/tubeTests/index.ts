import { schoolWords } from '../../conventions/words';
import { checks, question, measureLine } from '../asks';
import { enter } from '../../worktop/enter';
import { eventAt } from '../onRecord';
import { itemOf, readNumbered } from '../items';
import { finding } from '../../finding/finding';
import { sample } from '../../worktop/sample';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, stays } from '../../worktop/vessels';
import type { Ask } from '../ask';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.optional(field.goal('What is tested')),
  reagent: field.text('Reagent', 80),
  lines: field.optional(
    field.many(
      field.line('Reagents of the charge table', {
        role: 'aid',
        help: 'All tubes together: they count as hazard and waste.',
      }),
      [1, 6],
    ),
  ),
  sign: field.text('What shows the test', 120),
  tubes: field.many(field.text('Samples beside the controls', 60), [1, 8]),
  positive: field.text('Known positive', 60),
  negative: field.text('Known negative', 60),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
  waste: away('Tubes, emptied', 'Tubes of the test'),
} satisfies Slots;

export type TubeTestsParams = ParamsOf<typeof fields>;

export interface TubeTests {
  /** What each tube showed, in the order of the rack. */
  readonly seen: readonly {
    readonly tube: string;
    readonly control?: 'positive' | 'negative';
    readonly shows?: boolean;
  }[];
}

const rack = ({ tubes, positive, negative }: TubeTestsParams) => [
  ...tubes.map((tube) => ({ tube })),
  { tube: `Control: ${positive}`, control: 'positive' as const },
  { tube: `Control: ${negative}`, control: 'negative' as const },
  { tube: 'Blank', control: 'negative' as const },
];

/** A rack of tubes: samples, a known positive, a known negative and a blank. It shows a group, not that a sample is pure. */
export const tubeTests = defineOperation({
  name: 'tubeTests',
  version: 1,
  title: 'Tube tests',
  phase: 'characterize',
  sign: 'tube',
  told: {
    by: [
      {
        by: 'testing',
        rank: 1,
        when: ({ text }) =>
          /\b(tube|bromine|chloride|dnp|tollens|fehling|permanganate|hydrazine|sample|few drops|solution)/.test(text),
      },
    ],
  },
  fields,
  vessels,
  readEntry: (name) => readNumbered('tube', name),
  actual: (context): TubeTests => ({
    seen: rack(context.params).map((one, i) => {
      const yes = eventAt(context, 'yes', { item: itemOf(i) });
      const no = eventAt(context, 'no', { item: itemOf(i) });
      return { ...one, ...(yes ? { shows: true } : no ? { shows: false } : {}) };
    }),
  }),
  sentence: ({ params: { reagent, sign } }) => `Same drops of ${reagent} into every tube, all at once: ${sign}?`,
  cautions: ({ bench: { doc } }) => {
    const odour = schoolWords(doc.conventions, 'odour', undefined);
    return ['Waste of each test goes into its own bottle.', ...(odour === undefined ? [] : [odour])];
  },
  predict: (work, { lines = [] }) => {
    sample(work, { low: 0.01, typical: 0.02, high: 0.05 });
    const tubes = work.receiver('waste');
    for (const line of lines) enter(work, line, tubes);
  },
  asks: ({ seen }, context) => [
    ...(context.params.lines ?? []).flatMap((line) => measureLine(context, line)),
    ...checks(context, { labelled: 'Every tube is labelled, the controls too.' }),
    ...seen.map(({ tube }, i) => tubeAsk(context, tube, i)),
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
  drawing: (_, { params: { tubes } }) => ({ kind: 'rack', tubes }),
});

const answers = [
  { name: 'yes', button: 'It shows' },
  { name: 'no', button: 'It does not' },
] as const;

const tubeAsk = (context: StepContext, tube: string, i: number): Ask =>
  question(context, `${tube}: what does it show?`, answers, { item: itemOf(i) }, tube);
