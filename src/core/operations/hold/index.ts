import { finding } from '../../finding/finding';
import { durationOf } from '../duration';
import { event, temperatures } from '../asks';
import { eventsAt, roundsAt, secondsBetween } from '../onRecord';
import { minutesFact, shortShare } from '../numbers';
import { outsideWindow } from '../outsideWindow';
import { timer } from '../timer';
import { placedTemperature } from '../ways';
import { reactAt } from '../../worktop/reactAt';
import { behind } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import { temperatureReads } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { gasTrap, stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  minutes: field.minutes('Time', { acts: true, usual: 30 }),
  low_C: field.celsius('From', { below: 'high_C' }),
  high_C: field.celsius('To', { usual: 25 }),
  ...heats,
  material: field.optional(field.line('Material that gives up its content', { role: 'material', inside: true })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
  trap: gasTrap,
} satisfies Slots;

export interface Hold {
  readonly begun?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
}

// Warmer than a hand: a bath or plate is needed for it.
const warm_C = 35;

/** Stirring for a time inside a temperature window. */
export const hold = defineOperation({
  name: 'hold',
  version: 1,
  title: 'Stirring at temperature',
  phase: 'react',
  sign: 'stir',
  told: {
    by: [
      { by: 'heat' },
      { by: 'stand' },
      {
        by: 'stir',
        when: ({ text, minutes, warm }) =>
          minutes !== undefined || warm === true || /\bstir(red)?\b[^.;]*\b(for|until|at)\b/.test(text),
      },
    ],
    purifying: 'goesOn',
  },
  fields,
  vessels,
  reads: temperatureReads,
  traits: ['reacts'],
  actual: (context): Hold => ({
    ...eventsAt(context, 'begun', 'ended'),
    temperatures: roundsAt(context, 'temperature'),
  }),
  sentence: (context) => {
    const { minutes: planned, low_C, high_C } = context.params;
    return `Stir what is${behind(context, 'in') || ' there'} for ${planned}\u00a0min at ${low_C}–${high_C}\u202f°C.`;
  },
  conditions: (params) =>
    params.high_C > warm_C ? { ...heated(params), stirs: true, hot: true, warms: true } : { stirs: true },
  equipment: heatingWords,
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: reactAt,
  asks: ({ temperatures: read }, context) => [
    event(context, 'begun', 'Start stirring.', 'Stirring'),
    temperatures(context, read, {
      title: 'Temperature',
      ways: [placedTemperature(context, 'Read the temperature in the flask.')],
      within: { low: context.params.low_C, high: context.params.high_C },
    }),
    event(context, 'ended', 'When the time is over, go on.', 'Time is over'),
  ],
  outcome: ({ begun, ended }) => {
    const worked = durationOf(begun, ended);
    return worked ? [{ label: 'stirred', worked }] : [];
  },
  timers: ({ begun: from, ended: to }, context) =>
    timer(context, { label: 'Stirring', then: 'Go on with the next step', minutes: context.params.minutes, from, to }),
  check: ({ temperatures, begun, ended }, context) => {
    const { low_C, high_C, minutes: planned } = context.params;
    const seconds = begun && ended ? secondsBetween(begun, ended) : undefined;
    const short = seconds !== undefined && seconds < planned * 60 * shortShare;
    return [
      ...temperatures.flatMap((one) => outsideWindow(one, context, 'Stirring', { low: low_C, high: high_C })),
      ...(short
        ? [
            finding(
              'hold.short',
              'note',
              { step: context.step.id, field: 'time' },
              {
                time: minutesFact(seconds),
                planned: minutesFact(planned * 60),
              },
            ),
          ]
        : []),
    ];
  },
  drawing: () => ({ kind: 'hold' }),
});
