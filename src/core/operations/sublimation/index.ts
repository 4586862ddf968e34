import { boilsAway } from '../../worktop/volatile';
import { checks, event, temperatures } from '../asks';
import { defineOperation } from '../declare/defineOperation';
import { eventsAt, roundsAt } from '../onRecord';
import { foreseenShare } from '../../worktop/foreseen';
import { heated, heatingWords, heats } from '../heating';
import { outsideWindow } from '../outsideWindow';
import { times, without } from '../../worktop/matter/matter';
import { stageName } from '../stages';
import { temperatureReads } from '../declare/reads';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { behind } from '../vesselAt';
import { placedTemperature } from '../ways';
import { worksIn } from '../../worktop/transfer';
import * as field from '../declare/fields';
import { from, into } from '../../worktop/vessels';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Slots } from '../../worktop/vessels';
import type { Worktop } from '../../worktop/worktop';

const cooled = { water: 'cold water', ice: 'ice' } as const;
const pressures = { air: 'in air', reduced: 'under reduced pressure' } as const;

const fields = {
  of: field.goal('What is sublimed'),
  most_C: field.celsius('Heated to at most', { usual: 100, help: 'Below its melting point.' }),
  minutes: field.minutes('Time', { acts: true, usual: 20 }),
  cold: field.choice('Cold surface', cooled),
  pressure: field.choice('Pressure', pressures),
  ...heats,
} satisfies Fields;

const vessels = {
  in: { ...from('Vessel that is heated', 'beaker'), leaves: 'filled', holds: 'waste' },
  to: into('Vessel for the crystals', 'watch glass', 'Sublimate'),
} satisfies Slots;

interface Sublimation {
  readonly heatOn?: Live<Happening>;
  readonly heatOff?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
}

const setUp = {
  dry: 'The solid is dry and powdered, a thin layer over the bottom.',
  surface: 'The cold surface is cold, clean and dry, a finger’s breadth over the solid.',
} as const;

type SublimationParams = ParamsOf<typeof fields>;

/** A solid goes up as vapour and settles on a cold surface; what does not go up is left behind. */
export const sublimation = defineOperation({
  name: 'sublimation',
  version: 1,
  title: 'Sublimation',
  phase: 'purify',
  sign: 'crystals',
  told: { by: [{ by: 'sublime', words: ['\\bsublim(?:e|es|ed|ation|ing)\\b'] }], leaves: 'solid' },
  fields,
  vessels,
  reads: temperatureReads,
  traits: ['isolates'],
  actual: (context): Sublimation => ({
    ...eventsAt(context, 'heatOn', 'heatOff'),
    temperatures: roundsAt(context, 'temperature'),
  }),
  sentence: (context) => {
    const { of, most_C, minutes, cold, pressure } = context.params;
    return `Sublime the ${stageName(context, of)} ${pressures[pressure]}${behind(context, 'in')} onto a surface kept cold with ${cooled[cold]}: about ${minutes}\u00a0min, never above ${most_C}\u202f°C.`;
  },
  cautions: ({ params: { pressure } }) => [
    'Heat slowly: what melts or spits carries its impurities up.',
    ...(pressure === 'reduced'
      ? ['Under reduced pressure only thick, unscratched glass made for it; let air in before you open it.']
      : []),
  ],
  conditions: (params) => ({
    ...heated(params),
    hot: true,
    warms: true,
    ceiling_C: params.most_C,
    ...(params.pressure === 'reduced' ? { vacuum: 'suction' as const } : {}),
  }),
  equipment: heatingWords,
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'volume' }),
  predict: (work, params) => goUp(work, params),
  asks: ({ temperatures: read }, context) => [
    ...checks(context, setUp),
    event(context, 'heatOn', 'Turn the heat on, gently.', 'Heat is on'),
    temperatures(context, read, {
      title: 'Temperature under the solid',
      ways: [placedTemperature(context, 'Read the temperature of the bath or block.')],
      within: { high: context.params.most_C },
    }),
    event(context, 'heatOff', 'When no more crystals grow: heat off. Let it cool before it is opened.', 'Heat is off'),
    event(
      context,
      'scraped',
      'Scrape the crystals off the cold surface; keep what is left below apart.',
      'Scraped off',
    ),
  ],
  timers: ({ heatOn: since, heatOff: to }, context) =>
    timer(context, {
      label: 'Subliming',
      then: 'Look whether crystals still grow',
      minutes: context.params.minutes,
      from: since,
      to,
    }),
  check: (actual, context) => [
    ...uncheckedAt(context, 'Sublimation', setUp, actual.heatOn),
    ...actual.temperatures.flatMap((one) =>
      outsideWindow(one, context, 'Sublimation', { high: context.params.most_C }),
    ),
  ],
  drawing: (_, { params: { cold } }) => ({ kind: 'sublimation', cold }),
});

/** How much goes up is taken for granted: no vapour pressure of a solid is known here. What boils off first leaves as vapour. */
function goUp(work: Worktop<'in' | 'to'>, { most_C }: Pick<SublimationParams, 'most_C'>): void {
  const place = worksIn(work);
  const to = work.receiver('to');
  const whole = work.whole(place);
  const id = work.stage?.substance ?? '';
  const grams = whole[id] ?? 0;
  const vapour = Object.fromEntries(
    Object.entries(whole).filter(([one]) => one !== id && boilsAway(work.world.kind(one), most_C)),
  );
  const up = work.assume({
    key: 'up',
    label: 'of it, sublimed and scraped off',
    dim: 'fraction',
    unit: '%',
    low: 0.6,
    typical: 0.8,
    high: 0.95,
    why: 'by how long and how hot; the rest stays below or on the cold surface',
  }).q.value;
  const left = without(whole, vapour);
  work.rearrange(place, { liquid: vapour, solid: left });
  work.leave('air', work.takeAll(place, 'liquid'));
  work.put(to, 'solid', work.take(place, 'solid', times({ [id]: grams }, up)));
  if (grams > 0) work.lose('left', 'left behind when it was sublimed', foreseenShare(grams, id, 1 - up));
  work.follow(to);
}
