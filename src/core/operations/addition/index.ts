import { finding } from '../../finding/finding';
import { inSentence } from '../../document/inSentence';
import { checks, event, lineAt, measure, measureLine } from '../asks';
import { cautionOf, chargeSentence, lineOutcome } from '../charge';
import { eventsAt, readAs, roundsAt } from '../onRecord';
import { celsiusFact, worked } from '../numbers';
import { outsideWindow } from '../outsideWindow';
import { placedTemperature } from '../ways';
import { enter } from '../../worktop/enter';
import { react } from '../../worktop/react';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { gasTrap, stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Finding } from '../../finding/finding';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  line: field.line('What is added'),
  portions: field.count('Portions', 20),
  minutes: field.minutes('Time', { acts: true, usual: 15 }),
  low_C: field.optional(field.celsius('From', { below: 'high_C' })),
  high_C: field.optional(field.celsius('To')),
  ceiling_C: field.celsius('Ceiling', { usual: 40, help: 'Never warmer than this.' }),
  cooled: field.optional(field.flag('In an ice bath')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that it goes into'),
  trap: gasTrap,
} satisfies Slots;

export type AdditionParams = ParamsOf<typeof fields>;

export interface Addition {
  readonly begun?: Live<Happening>;
  /** Highest temperature after each portion, in order. */
  readonly highest: readonly Live<Reading>[];
  readonly portions: number;
  readonly low_C?: number;
  readonly high_C?: number;
  readonly ceiling_C: number;
}

/** Adding a line in portions, with a temperature ceiling. */
export const addition = defineOperation({
  name: 'addition',
  version: 1,
  title: 'Addition in portions',
  phase: 'react',
  sign: 'drop',
  told: { by: [{ by: 'addDropwise' }], leaves: 'mixture' },
  fields,
  vessels,
  reads: { highest: { dim: 'temperature', word: 'highest', per: 'round' } },
  traits: ['reacts'],
  actual: (context): Addition => {
    const { portions, low_C, high_C, ceiling_C } = context.params;
    return {
      ...eventsAt(context, 'begun'),
      highest: roundsAt(context, 'highest'),
      portions,
      ...(low_C === undefined ? {} : { low_C }),
      ...(high_C === undefined ? {} : { high_C }),
      ceiling_C,
    };
  },
  sentence: (context) => {
    const { line, portions, minutes } = context.params;
    const found = lineAt(context, line);
    if (!found?.taken) return chargeSentence(context, line);
    return `Add the ${inSentence(found.plan.facts.substance.substance.name)} in ${portions} portions over ${minutes}\u00a0min.`;
  },
  doses: ({ line, portions }) => ({ line, portions }),
  conditions: ({ line, ceiling_C, cooled }) => ({ dosed: [line], ceiling_C, ...(cooled ? { cooled } : {}) }),
  cautions: (context) => [
    ...cautionOf(context, context.params.line),
    `Never above ${context.params.ceiling_C}\u202f°C: stop adding and cool.`,
  ],
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, { line, high_C, ceiling_C }) => {
    const place = enter(work, line);
    work.temperature(place, high_C ?? ceiling_C);
    react(work, place);
  },
  asks: ({ highest, portions }, context) => [
    ...measureLine(context, context.params.line),
    ...checks(context, {
      stirred: 'The mixture is stirred, or swirled after each portion.',
      ice: context.params.cooled ? 'The flask stands in its bath.' : 'A bath with ice stands ready.',
      thermometer: 'A thermometer can be read in the liquid.',
    }),
    event(context, 'begun', 'Add the first portion.', 'First portion is in'),
    ...Array.from({ length: portions }, (_, i) => {
      const round = i + 1;
      return {
        ...measure(context, {
          id: `portion-${round}`,
          title: `Portion ${round} of ${portions}`,
          about: { round },
          ways: [placedTemperature(context, `Highest temperature after portion ${round}.`, 'highest')],
          window: window(context.params),
        }),
        done: highest.some(({ body }) => body.place.round === round),
      };
    }),
  ],
  outcome: ({ highest }, context) => {
    const [hottest] = highest.map((one) => readAs(context, one)).sort((a, b) => b.q.value - a.q.value);
    return [
      ...lineOutcome(context, lineAt(context, context.params.line)),
      ...(hottest ? [{ label: 'hottest', worked: hottest }] : []),
    ];
  },
  check: ({ highest }, context) => highest.flatMap((one) => heat(one, context)),
  drawing: () => ({ kind: 'addition' }),
});

const window = ({ low_C, high_C, ceiling_C }: AdditionParams) => ({
  dim: 'temperature' as const,
  unit: '°C',
  ...(low_C === undefined ? {} : { low: low_C }),
  high: high_C ?? ceiling_C,
  figures: 3,
});

function heat(one: Live<Reading>, context: StepContext<AdditionParams>): readonly Finding[] {
  const temperature = readAs(context, one);
  const { ceiling_C, high_C } = context.params;
  const about = { step: context.step.id, slot: 'highest', round: one.body.place.round ?? 1 };
  if (temperature.q.value > ceiling_C)
    return [
      finding('addition.ceiling', 'stop', about, {
        temperature: worked(temperature),
        portion: String(about.round),
        ceiling: celsiusFact(ceiling_C),
      }),
    ];
  return outsideWindow(one, context, 'Addition', high_C === undefined ? {} : { high: high_C });
}
