import { checks, event, measure, measureLine } from '../asks';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { placedTemperature } from '../ways';
import { pourOver } from './predict';
import { timer } from '../timer';
import { vesselAt } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { from, gasTrap } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const manners = { once: 'all at once', portions: 'in portions', dropwise: 'drop by drop' } as const;

const fields = {
  percent: field.optional(
    field.number('Part of it', '%', [1, 99], { usual: 50, help: 'Of what is in the vessel. Left out: all of it.' }),
  ),
  manner: field.choice('How', manners),
  minutes: field.optional(field.minutes('Time', { acts: true, usual: 15 })),
  ceiling_C: field.optional(field.celsius('Ceiling', { usual: 25, help: 'Never warmer than this.' })),
  rinse: field.optional(
    field.line('Rinse', { role: 'rinse', help: 'With which the emptied vessel is rinsed into it.' }),
  ),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is poured from'),
  to: { label: 'Vessel that it goes into', comes: 'either', leaves: 'filled', holds: 'product', named: true },
  trap: gasTrap,
} satisfies Slots;

type PouringParams = ParamsOf<typeof fields>;

interface Pouring {
  readonly begun?: Live<Happening>;
  readonly poured?: Live<Happening>;
  readonly temperature?: Live<Reading>;
}

const whatOf = ({ percent }: PouringParams) => (percent === undefined ? 'what is' : `${percent}\u202f% of what is`);

/** Pouring from one vessel into another: all or a part, onto what is in there. Which goes into which is part of the chemistry. */
export const pouring = defineOperation({
  name: 'pouring',
  version: 1,
  title: 'Pouring over',
  phase: 'react',
  sign: 'pour',
  told: {
    by: [
      {
        by: 'pourOver',
        words: [
          '\\b(?:pour|transfer|decant)(?:red|ed)?\\b (?:all of )?(?:the|this) (?:reaction |clear |hot |warm |cold )?(?:mixture|solution|contents|liquid)[^.;]{0,40}\\b(?:in|on)?to (?:a|another|the) (?:(?:clean|dry|second|larger|smaller|stirred|\\d+ ?ml) ?)*(?:beaker|flask|conical flask|round[- ]bottomed flask)\\b',
        ],
      },
    ],
  },
  fields,
  vessels,
  reads: temperatureRead,
  traits: ['reacts'],
  actual: (context): Pouring => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'begun', 'poured'), ...(temperature ? { temperature } : {}) };
  },
  sentence: (context) => {
    const { manner, minutes } = context.params;
    const over = minutes === undefined ? '' : ` over ${minutes}\u00a0min`;
    return `Pour ${whatOf(context.params)} in ${vesselAt(context, 'in', 'vessel in hand')} into ${vesselAt(context, 'to', 'next vessel')}, ${manners[manner]}${over}.`;
  },
  conditions: ({ ceiling_C }) => (ceiling_C === undefined ? {} : { ceiling_C }),
  cautions: ({ params: { ceiling_C } }) =>
    ceiling_C === undefined ? [] : [`Never above ${ceiling_C}\u202f°C: stop pouring and cool.`],
  timing: ({ minutes = 0 }) => ({ fixed_min: minutes, grows: 'heat' }),
  predict: (work, params) => pourOver(work, params),
  asks: (_, context) => {
    const { manner, ceiling_C, rinse } = context.params;
    return [
      ...checks(context, {
        labels: 'Both labels are read: this one goes into that one, not the other way round.',
        ...(manner === 'once' ? {} : { moved: 'What receives it is stirred, or swirled after each portion.' }),
      }),
      ...(manner === 'once' ? [] : [event(context, 'begun', 'Let the first of it in.', 'The first is in')]),
      event(
        context,
        'poured',
        context.params.percent === undefined ? 'Pour it over.' : `Pour ${context.params.percent}\u202f% of it over.`,
        'It is over',
      ),
      ...(ceiling_C === undefined
        ? []
        : [
            measure(context, {
              id: 'temperature',
              title: 'Highest temperature',
              ways: [placedTemperature(context, 'Highest temperature while it was poured.')],
              window: { dim: 'temperature', unit: '°C', high: ceiling_C, figures: 3 },
            }),
          ]),
      ...(rinse === undefined ? [] : measureLine(context, rinse)),
    ];
  },
  timers: ({ begun: start, poured: to }, context) =>
    context.params.minutes === undefined
      ? []
      : timer(context, { label: 'Pouring', then: 'All of it is in', minutes: context.params.minutes, from: start, to }),
  outcome: ({ temperature }, context) =>
    temperature ? [{ label: 'hottest', worked: readAs(context, temperature) }] : [],
  check: ({ temperature }, context) => warm(temperature, context),
  drawing: () => ({ kind: 'pouring' }),
});

function warm(temperature: Live<Reading> | undefined, context: StepContext<PouringParams>) {
  const { ceiling_C } = context.params;
  return temperature && ceiling_C !== undefined
    ? outsideWindow(temperature, context, 'Pouring over', { high: ceiling_C })
    : [];
}
