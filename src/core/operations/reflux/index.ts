import { schoolWords } from '../../conventions/words';
import { schoolOf } from '../../conventions/catalogue';
import { finding } from '../../finding/finding';
import { checks, event, temperatures } from '../asks';
import { durationOf } from '../duration';
import { eventsAt, roundsAt, secondsBetween } from '../onRecord';
import { minutesFact, shortShare } from '../numbers';
import { outsideWindow } from '../outsideWindow';
import { placedTemperature } from '../ways';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { reactAt } from '../../worktop/reactAt';
import { vesselAt } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import { temperatureReads } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, condenses } from '../heating';
import { gasTrap, stays } from '../../worktop/vessels';
import { isAirCooled } from '../airCooled';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Preparation } from '../../document/document';
import type { Finding } from '../../finding/finding';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';
import type { Conditions } from '../conditions';

const fields = {
  minutes: field.minutes('Time', { acts: true, usual: 30 }),
  low_C: field.celsius('From', { below: 'high_C' }),
  high_C: field.celsius('To'),
  most_min: field.optional(field.minutes('At most')),
  ...condenses,
  material: field.optional(field.line('Material that gives up its content', { role: 'material', inside: true })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: stays('Flask'),
  trap: gasTrap,
} satisfies Slots;

export type RefluxParams = ParamsOf<typeof fields>;

export interface Reflux {
  readonly heatOn?: Live<Happening>;
  readonly firstReflux?: Live<Happening>;
  readonly heatOff?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
  /** What starts the clock by the course's convention. */
  readonly start?: Live;
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

const clocks = { firstReflux: 'the first reflux', heatOn: 'heat on', target: 'the target temperature' } as const;

const clockOf = ({ conventions }: Preparation) => schoolOf(conventions, 'refluxClock') as keyof typeof clocks;

/** The entry that starts the clock: first reflux, heat on, or the first temperature inside the band. */
function startOf(
  { bench: { doc }, params: { low_C, high_C } }: StepContext<RefluxParams>,
  { heatOn, firstReflux }: Pick<Reflux, 'heatOn' | 'firstReflux'>,
  temperatures: readonly Live<Reading>[],
): Live | undefined {
  const clock = clockOf(doc);
  if (clock === 'heatOn') return heatOn;
  if (clock === 'firstReflux') return firstReflux;
  return temperatures.find(({ body }) => Number(body.digits) >= low_C && Number(body.digits) <= high_C);
}

const conditions = (params: RefluxParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  refluxes: { vapour_C: params.low_C, to_C: params.high_C },
});

/** Heating under reflux. The clock starts at the first reflux, the only time that measures the reaction, unless the course says otherwise. */
export const reflux = defineOperation({
  name: 'reflux',
  version: 1,
  title: 'Heating under reflux',
  phase: 'react',
  sign: 'reflux',
  told: { by: [{ by: 'reflux' }] },
  fields,
  vessels,
  reads: temperatureReads,
  traits: ['reacts'],
  actual: (context): Reflux => {
    const events = eventsAt(context, 'heatOn', 'firstReflux', 'heatOff');
    const temperatures = roundsAt(context, 'temperature');
    const { heatOff } = events;
    const start = startOf(context, events, temperatures);
    return {
      ...events,
      temperatures,
      ...(start ? { start } : {}),
      ...(start && heatOff ? { seconds: secondsBetween(start, heatOff) } : {}),
    };
  },
  sentence: (context) =>
    `Heat ${vesselAt(context, 'in', 'flask')} under reflux for ${context.params.minutes}\u00a0min, from ${clocks[clockOf(context.bench.doc)]}.`,
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: reactAt,
  conditions,
  equipment: heatingWords,
  cautions: () => ['Heat off first, water last. Cool before opening.', 'A hot plate looks the same hot or cold.'],
  asks: ({ temperatures: read }, context) => [
    ...checks(context, {
      ...setUp,
      aids: schoolWords(context.bench.doc.conventions, 'boiling', setUp.aids),
      ...(context.step.uses?.trap === undefined
        ? {}
        : { open: `The top carries the tube to ${vesselAt(context, 'trap', 'trap')}, over its liquid. Never sealed.` }),
    }),
    event(context, 'heatOn', 'Turn the heat on.', 'Heat is on'),
    event(
      context,
      'firstReflux',
      'Wait until condensate falls back: the vapour ring stands in the lower third.',
      'First reflux',
    ),
    temperatures(context, read, {
      title: 'Temperature at reflux',
      ways: [placedTemperature(context, 'Read the temperature in the flask.')],
      within: { low: context.params.low_C, high: context.params.high_C },
    }),
    event(context, 'heatOff', 'When the time is over: heat off, water on.', 'Heat is off'),
  ],
  outcome: ({ start, heatOff }) => {
    const worked = durationOf(start, heatOff);
    return worked ? [{ label: 'at reflux', worked }] : [];
  },
  timers: ({ start: from, heatOff: to }, context) =>
    timer(context, { label: 'At reflux', then: 'Turn the heat off', minutes: context.params.minutes, from, to }),
  check: (actual, context) => [
    ...uncheckedAt(context, 'Reflux', setUp, actual.heatOn),
    ...actual.temperatures.flatMap((one) =>
      outsideWindow(one, context, 'Reflux', { low: context.params.low_C, high: context.params.high_C }),
    ),
    ...duration(actual, context),
  ],
  drawing: (_, { bench, params }) => ({ kind: 'reflux', air: isAirCooled(conditions(params), [], bench.doc) }),
});

function duration({ start, heatOff, seconds }: Reflux, context: StepContext<RefluxParams>): readonly Finding[] {
  const about = { step: context.step.id, field: 'time' };
  const { minutes: planned, most_min } = context.params;
  if (heatOff && !start) return [finding('reflux.noStart', 'caution', about)];
  if (seconds === undefined) return [];
  const time = minutesFact(seconds);
  if (seconds < planned * 60 * shortShare)
    return [finding('reflux.short', 'caution', about, { time, planned: minutesFact(planned * 60) })];
  if (most_min !== undefined && seconds > most_min * 60)
    return [finding('reflux.long', 'note', about, { time, most: minutesFact(most_min * 60) })];
  return [];
}
