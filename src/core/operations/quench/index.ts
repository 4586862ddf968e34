import { finding } from '../../finding/finding';
import { checks, event, measure, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { celsiusParam, idParam, minutesParam, params } from '../params';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { celsius, worked } from '../numbers';
import { timer } from '../timer';
import { temperatureWay } from '../ways';
import { uncheckedAt } from '../unchecked';
import { crystallize } from '../predicting/crystallize';
import { letGasGo } from '../predicting/enter';
import { transfer } from '../predicting/transfer';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface QuenchParams {
  /** What the mixture is poured into. */
  readonly line: string;
  /** Pour below this temperature, °C. */
  readonly below_C: number;
  readonly minutes: number;
}

export interface Quench {
  readonly temperature?: Live<Reading>;
  readonly poured?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

const setUp = {
  stirred: 'The ice-water is stirred, in a vessel that the whole mixture fits twice.',
  hood: 'Everything stands in the hood.',
} as const;

// A mixture with ice in it, stirred.
const afterQuench_C = 5;

/** Pouring the reaction mixture into stirred ice-water. Never the water into the hot mixture. */
export const quench: Operation<QuenchParams, Quench> = {
  name: 'quench',
  version: 1,
  title: 'Quench',
  params: params({
    line: idParam().required(),
    below_C: celsiusParam().required(),
    minutes: minutesParam().required(),
  }),
  refs: ({ line }) => ({ lines: [line] }),
  actual: (context) => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'poured', 'ended'), ...(temperature ? { temperature } : {}) };
  },
  sentence: ({ params: { below_C } }) => `Below ${below_C}\u202f°C, pour the mixture into the stirred ice-water.`,
  conditions: ({ line }) => ({ pours: [line] }),
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, { line }) => {
    const from = work.place('in');
    const to = work.place('to', work.world.facts.lines.get(line)?.line.vessel ?? from);
    work.put(to, 'liquid', work.introduce(line));
    transfer(work, from, to);
    letGasGo(work, to);
    // Ice is still there when it is all in.
    crystallize(work, to, afterQuench_C);
    work.follow(to);
  },
  cautions: (context) => [
    ...cautionOf(context, context.params.line),
    'The mixture into the ice-water, never water into a hot anhydride or acid.',
  ],
  asks: (_, context) => [
    ...measureLine(context, context.params.line),
    ...checks(context, setUp),
    measure(context, {
      id: 'temperature',
      title: 'Temperature of the mixture',
      ways: [temperatureWay('Read the temperature in the flask.')],
      window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
    }),
    event(context, 'poured', 'Pour it in, stirring.', 'Poured'),
    event(context, 'ended', 'Stir until no oil is left.', 'No oil is left'),
  ],
  timers: ({ poured: from, ended: to }, context) =>
    timer(context, {
      label: 'Stirring in ice-water',
      then: 'Look for oil',
      minutes: context.params.minutes,
      from,
      to,
    }),
  check: ({ temperature, poured }, context) => {
    const read = temperature && readAs(context, temperature);
    const { below_C } = context.params;
    return [
      ...uncheckedAt(context, 'Quench', setUp, poured),
      ...(read && read.q.value > below_C
        ? [
            finding(
              'quench.hot',
              'stop',
              { step: context.step.id, slot: 'temperature' },
              {
                temperature: worked(read),
                limit: celsius(below_C, 2),
              },
            ),
          ]
        : []),
    ];
  },
};
