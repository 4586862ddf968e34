import { isOvernight, isPurifying } from '../told';
import type { SaidClause } from '../told';
import { worksIn } from '../../worktop/transfer';
import { schoolWords } from '../../conventions/words';
import { finding } from '../../finding/finding';
import { event, measure } from '../asks';
import { eventsAt, readAs, readingsAt, secondsBetween } from '../onRecord';
import { celsiusFact, minutesFact, shortShare, worked } from '../numbers';
import { timer } from '../timer';
import { placedTemperature } from '../ways';
import { crystallize } from '../../worktop/crystallize';
import { vesselAt } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { StepContext } from '../operation';
import type { Slots } from '../../worktop/vessels';

const baths = { air: 'in air', water: 'in a bath of cold water', ice: 'in ice' } as const;

const fields = {
  minutes: field.minutes('Time', { acts: true }),
  bath: field.choice('Bath', baths),
  below_C: field.celsius('Below', { usual: 25 }),
  undisturbed: field.optional(field.flag('Covered and undisturbed')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
} satisfies Slots;

export interface Cooling {
  readonly begun?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly temperature?: Live<Reading>;
  readonly bath: keyof typeof baths;
}

interface BathOf {
  readonly params: { readonly bath: keyof typeof baths; readonly undisturbed?: boolean | undefined };
  readonly bench: Pick<StepContext['bench'], 'doc'>;
}
/** Where it cools: crystals form in the course's way, everything else in the bath. */
const bathWords = ({ params: { bath, undisturbed }, bench }: BathOf): string =>
  undisturbed ? schoolWords(bench.doc.conventions, 'cooling', baths[bath]) : baths[bath];

/** What each bath comes to at the best: the room, tap water in winter, ice with water, °C. */
const reaches_C = { air: 20, water: 10, ice: 0 } as const;

const restsAmid = (said: SaidClause) => isPurifying(said) && !isOvernight(said);

/** Cooling for a time in air, water or ice, to below a temperature. */
export const cooling = defineOperation({
  name: 'cooling',
  version: 1,
  title: 'Cooling',
  phase: 'isolate',
  sign: 'ice',
  told: {
    by: [
      { by: 'cool' },
      { by: 'stand', rank: 4, when: (said) => restsAmid(said) && /\bcool|ice|room temperature\b/.test(said.text) },
      { by: 'stand', rank: 1, when: ({ text }) => /\b(ice|cool)\b/.test(text) },
    ],
    purifying: 'goesOn',
  },
  fields,
  vessels,
  reads: temperatureRead,
  actual: (context): Cooling => {
    const { temperature } = readingsAt(context);
    return {
      ...eventsAt(context, 'begun', 'ended'),
      ...(temperature ? { temperature } : {}),
      bath: context.params.bath,
    };
  },
  sentence: (context) => {
    const { minutes: planned, below_C, undisturbed } = context.params;
    return `Cool ${vesselAt(context, 'in', 'mixture')} ${bathWords(context)} for ${planned}\u00a0min, to below ${below_C}\u202f°C${undisturbed ? ', covered and undisturbed' : ''}.`;
  },
  conditions: ({ bath, below_C }) => ({ bath: { reaches_C: reaches_C[bath], below_C } }),
  timing: () => ({ fixed_min: 0, grows: 'heat' }),
  predict: (work, { bath, below_C }) =>
    crystallize(work, worksIn(work), bath === 'ice' ? Math.min(0, below_C) : below_C),
  asks: (_, context) => [
    event(context, 'begun', `Put it ${bathWords(context)}.`, 'Cooling'),
    measure(context, {
      id: 'temperature',
      title: 'Temperature',
      ways: [placedTemperature(context, 'Read the temperature when the time is over.')],
      window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
    }),
    event(context, 'ended', 'Go on when it is cold.', 'It is cold'),
  ],
  timers: ({ begun: from, ended: to, bath }, context) =>
    timer(context, {
      label: `Cooling ${baths[bath]}`,
      then: 'Read the temperature',
      minutes: context.params.minutes,
      from,
      to,
    }),
  check: ({ begun, ended, temperature }, context) => {
    const { below_C, minutes: planned } = context.params;
    const read = temperature && readAs(context, temperature);
    const seconds = begun && ended ? secondsBetween(begun, ended) : undefined;
    const cold = read !== undefined && read.q.value <= below_C;
    return [
      ...(read && !cold
        ? [
            finding(
              'cooling.warm',
              'caution',
              { step: context.step.id, slot: 'temperature' },
              {
                temperature: worked(read),
                limit: celsiusFact(below_C, 2),
              },
            ),
          ]
        : []),
      // Crystals need the time as well; elsewhere being cold is enough.
      ...(seconds !== undefined && seconds < planned * 60 * shortShare && (context.params.undisturbed || !cold)
        ? [
            finding(
              'cooling.short',
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
  drawing: ({ bath }) => ({ kind: 'cooling', bath }),
});
