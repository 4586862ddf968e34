import { schoolOf } from '../../conventions/catalogue';
import { schoolWords } from '../../conventions/words';
import { checks, event, measure, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { eventsAt, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { setPH } from './predict';
import { placedTemperature } from '../ways';
import { behind } from '../vesselAt';
import { lineThen } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  line: field.line('Acid or base', { role: 'quench', help: 'Added in portions.' }),
  low_pH: field.pH('pH from', { usual: 6, below: 'high_pH' }),
  high_pH: field.pH('pH to', { usual: 8 }),
  below_C: field.optional(field.celsius('Below', { help: 'Not warmer than this while adding.' })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
} satisfies Slots;

export interface Neutralization {
  readonly temperature?: Live<Reading>;
  readonly reached?: Live<Happening>;
}

const setUp = {
  open: 'An open, large vessel, stirred: never stoppered while gas can come.',
  paper: 'pH paper and a rod are at hand.',
} as const;

/** Neutralizing, or setting a pH at which something comes out: in portions, to an end point that is tested. */
export const neutralization = defineOperation({
  name: 'neutralization',
  version: 1,
  title: 'Neutralization',
  phase: 'workUp',
  sign: 'paper',
  told: { by: [{ by: 'neutralize' }] },
  fields,
  vessels,
  reads: temperatureRead,
  traits: ['isolates'],
  actual: (context): Neutralization => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'reached'), ...(temperature ? { temperature } : {}) };
  },
  sentence: (context) => {
    const { line, low_pH, high_pH } = context.params;
    return `Add about ${lineThen(context, line)} in portions${behind(context, 'to')}, stirring, to pH ${low_pH}–${high_pH}.`;
  },
  cautions: (context) => cautionOf(context, context.params.line),
  conditions: ({ line }) => ({ dosed: [line], setsPH: true }),
  moments: (work, params) => setPH(work, params),
  asks: (_, context) => [
    ...checks(context, setUp),
    ...measureLine(context, context.params.line),
    ...(context.params.below_C === undefined
      ? []
      : [
          measure(context, {
            id: 'temperature',
            title: 'Highest temperature',
            ways: [placedTemperature(context, 'Highest temperature while adding.')],
            window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
          }),
        ]),
    event(
      context,
      'reached',
      schoolWords(
        context.bench.doc.conventions,
        'neutralizing',
        `Test a drop on paper: pH ${context.params.low_pH}–${context.params.high_pH}, and no more gas.`,
      ),
      schoolOf(context.bench.doc.conventions, 'neutralizing') === 'gasThenPh' ? 'The paper says so' : 'It is so',
    ),
  ],
  check: ({ temperature }, context) =>
    temperature && context.params.below_C !== undefined
      ? outsideWindow(temperature, context, 'Neutralization', { high: context.params.below_C })
      : [],
  drawing: (_, { params: { low_pH: low, high_pH: high } }) => ({ kind: 'pH', low, high }),
});
