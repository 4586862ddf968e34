import { question } from '../asks';
import { eventAt } from '../onRecord';
import { itemOf, readNumbered } from '../items';
import { finding } from '../../finding/finding';
import { stageName } from '../stages';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is measured'),
  method: field.text('Method', 60),
  bands: field.many(
    field.rows('Bands', {
      band: field.text('Band', 80),
      expected: field.choice('Expected', { present: 'present', absent: 'absent' }),
    }),
    [1, 12],
  ),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
} satisfies Slots;

export interface Spectrum {
  readonly bands: readonly {
    readonly band: string;
    readonly expected: 'present' | 'absent';
    readonly seen?: boolean;
  }[];
}

/** Bands against what is expected, and against what must be gone: the starting material's. */
const answers = [
  { name: 'present', button: 'There' },
  { name: 'absent', button: 'Not there' },
] as const;

export const spectrum = defineOperation({
  name: 'spectrum',
  version: 1,
  title: 'Spectrum',
  phase: 'characterize',
  sign: 'trace',
  told: { by: [{ by: 'spectrum' }] },
  fields,
  vessels,
  readEntry: (name) => readNumbered('band', name),
  actual: (context): Spectrum => ({
    bands: context.params.bands.map((one, i) => {
      const seen = eventAt(context, 'present', { item: itemOf(i) });
      const gone = eventAt(context, 'absent', { item: itemOf(i) });
      return { ...one, ...(seen ? { seen: true } : gone ? { seen: false } : {}) };
    }),
  }),
  sentence: (context) =>
    `${context.params.method} of the ${stageName(context, context.params.of)}: mark what is there and what is gone.`,
  predict: () => undefined,
  asks: ({ bands }, context) =>
    bands.map(({ band }, i) => question(context, `${band}: is it there?`, answers, { item: itemOf(i) }, band)),
  check: ({ bands }, { step }) => {
    const odd = bands.filter(({ expected, seen }) => seen !== undefined && seen !== (expected === 'present'));
    return odd.length === 0
      ? []
      : [
          finding(
            'spectrum.other',
            'caution',
            { step: step.id, field: 'bands' },
            { bands: odd.map(({ band, expected }) => `${band} (expected ${expected})`).join('; ') },
          ),
        ];
  },
  drawing: () => ({ kind: 'trace', shows: 'bands' }),
});
