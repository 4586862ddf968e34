import { finding } from '../../finding/finding';
import { checks, event, measure } from '../asks';
import { durationOf } from '../duration';
import { celsiusParam, minutesParam, params } from '../params';
import { eventsAt, nextRound, roundsAt, secondsBetween } from '../onRecord';
import { minutes, shortShare } from '../numbers';
import { outsideWindow } from '../outsideWindow';
import { temperatureWay } from '../ways';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Finding } from '../../finding/finding';
import type { Operation, StepContext } from '../operation';

export interface RefluxParams {
  readonly minutes: number;
  readonly low_C: number;
  readonly high_C: number;
  readonly most_min?: number;
}

export interface Reflux {
  readonly heatOn?: Live<Happening>;
  readonly firstReflux?: Live<Happening>;
  readonly heatOff?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
  /** s at reflux, when both ends are known. */
  readonly seconds?: number;
}

const setUp = {
  clamped: 'The flask is clamped, on a support that can be dropped away.',
  aids: 'Boiling aids or stir bar are in, before any heat.',
  condenser: 'The condenser stands upright: water in at the bottom, out at the top, running gently.',
  open: 'The top is open, or carries a drying tube. Never sealed.',
  joints: 'The joints are lightly greased and snug; the hoses are secured.',
} as const;

/** Heating under reflux. The clock starts at the first reflux, the only time that measures the reaction. */
export const reflux: Operation<RefluxParams, Reflux> = {
  name: 'reflux',
  version: 1,
  title: 'Heating under reflux',
  params: params({
    minutes: minutesParam().required(),
    low_C: celsiusParam().required(),
    high_C: celsiusParam().required(),
    most_min: minutesParam(),
  }),
  refs: () => ({}),
  actual: (context) => {
    const events = eventsAt(context, 'heatOn', 'firstReflux', 'heatOff');
    const { firstReflux, heatOff } = events;
    return {
      ...events,
      temperatures: roundsAt(context, 'temperature'),
      ...(firstReflux && heatOff ? { seconds: secondsBetween(firstReflux, heatOff) } : {}),
    };
  },
  sentence: ({ params: { minutes: planned } }) => `Heat under reflux for ${planned}\u00a0min, from the first reflux.`,
  conditions: () => ({ boiling: true, hot: true }),
  cautions: () => ['Heat off first, water last. Cool before opening.', 'A hot plate looks the same hot or cold.'],
  asks: ({ temperatures }, context) => [
    ...checks(context, setUp),
    event(context, 'heatOn', 'Turn the heat on.', 'Heat is on'),
    event(
      context,
      'firstReflux',
      'Wait until condensate falls back: the vapour ring stands in the lower third.',
      'First reflux',
    ),
    {
      ...measure(context, {
        id: 'temperature',
        title: 'Temperature at reflux',
        about: { round: nextRound(context, 'temperature') },
        ways: [temperatureWay('Read the temperature in the flask.')],
        window: { dim: 'temperature', unit: '°C', low: context.params.low_C, high: context.params.high_C, figures: 3 },
      }),
      done: temperatures.length > 0,
      optional: 'Another temperature',
    },
    event(context, 'heatOff', 'When the time is over: heat off, water on.', 'Heat is off'),
  ],
  outcome: ({ firstReflux, heatOff }) => {
    const worked = durationOf(firstReflux, heatOff);
    return worked ? [{ label: 'at reflux', worked }] : [];
  },
  timers: ({ firstReflux: from, heatOff: to }, context) =>
    timer(context, { label: 'At reflux', then: 'Turn the heat off', minutes: context.params.minutes, from, to }),
  check: (actual, context) => [
    ...uncheckedAt(context, 'Reflux', setUp, actual.heatOn),
    ...actual.temperatures.flatMap((one) =>
      outsideWindow(one, context, 'Reflux', { low: context.params.low_C, high: context.params.high_C }),
    ),
    ...duration(actual, context),
  ],
};

function duration({ firstReflux, heatOff, seconds }: Reflux, context: StepContext<RefluxParams>): readonly Finding[] {
  const about = { step: context.step.id, field: 'time' };
  const { minutes: planned, most_min } = context.params;
  if (heatOff && !firstReflux) return [finding('reflux.noStart', 'caution', about)];
  if (seconds === undefined) return [];
  const time = minutes(seconds);
  if (seconds < planned * 60 * shortShare)
    return [finding('reflux.short', 'caution', about, { time, planned: minutes(planned * 60) })];
  if (most_min !== undefined && seconds > most_min * 60)
    return [finding('reflux.long', 'note', about, { time, most: minutes(most_min * 60) })];
  return [];
}
