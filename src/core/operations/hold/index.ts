import { finding } from '../../finding/finding';
import { durationOf } from '../duration';
import { event, measure } from '../asks';
import { celsiusParam, minutesParam, params } from '../params';
import { eventsAt, nextRound, roundsAt, secondsBetween } from '../onRecord';
import { minutes, shortShare } from '../numbers';
import { outsideWindow } from '../outsideWindow';
import { timer } from '../timer';
import { temperatureWay } from '../ways';
import { react } from '../predicting/react';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface HoldParams {
  readonly minutes: number;
  readonly low_C: number;
  readonly high_C: number;
}

export interface Hold {
  readonly begun?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
}

// Warmer than a hand: a bath or plate is needed for it.
const warm_C = 35;

/** Stirring for a time inside a temperature window. */
export const hold: Operation<HoldParams, Hold> = {
  name: 'hold',
  version: 1,
  title: 'Stirring at temperature',
  params: params({
    minutes: minutesParam().required(),
    low_C: celsiusParam().required(),
    high_C: celsiusParam().required(),
  }),
  refs: () => ({}),
  actual: (context) => ({
    ...eventsAt(context, 'begun', 'ended'),
    temperatures: roundsAt(context, 'temperature'),
  }),
  sentence: ({ params: { minutes: planned, low_C, high_C } }) =>
    `Stir for ${planned}\u00a0min at ${low_C}–${high_C}\u202f°C.`,
  conditions: ({ high_C }) => (high_C > warm_C ? { stirs: true, hot: true, warms: true } : { stirs: true }),
  reacts: true,
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, { low_C, high_C }) => {
    const place = work.place('in');
    work.temperature(place, (low_C + high_C) / 2);
    react(work, place);
  },
  asks: ({ temperatures }, context) => [
    event(context, 'begun', 'Start stirring.', 'Stirring'),
    {
      ...measure(context, {
        id: 'temperature',
        title: 'Temperature',
        about: { round: nextRound(context, 'temperature') },
        ways: [temperatureWay('Read the temperature in the flask.')],
        window: { dim: 'temperature', unit: '°C', low: context.params.low_C, high: context.params.high_C, figures: 3 },
      }),
      done: temperatures.length > 0,
      optional: 'Another temperature',
    },
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
                time: minutes(seconds),
                planned: minutes(planned * 60),
              },
            ),
          ]
        : []),
    ];
  },
};
