import { worksIn } from '../../worktop/transfer';
import { event, temperatures } from '../asks';
import { eventsAt, roundsAt } from '../onRecord';
import { react } from '../../worktop/react';
import { temperatureWay } from '../ways';
import { timer } from '../timer';
import { defineOperation } from '../declare/defineOperation';
import { temperatureReads } from '../declare/reads';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  minutes: field.minutes('Time', { acts: true, usual: 15 }),
  melt_C: field.optional(field.celsius('Melt at', { help: 'Left out when it is ground in the cold.' })),
} satisfies Fields;

const vessels = {
  in: stays('Mortar or vessel'),
} satisfies Slots;

export interface Grinding {
  readonly begun?: Live<Happening>;
  readonly changed?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly temperatures: readonly Live<Reading>[];
}

/** Two solids without a solvent, ground or melted together: the cues are physical. */
export const grinding = defineOperation({
  name: 'grinding',
  version: 1,
  title: 'Without a solvent',
  phase: 'react',
  sign: 'mortar',
  told: { by: [{ by: 'grind' }] },
  fields,
  vessels,
  reads: temperatureReads,
  traits: ['reacts'],
  actual: (context): Grinding => ({
    ...eventsAt(context, 'begun', 'changed', 'ended'),
    temperatures: roundsAt(context, 'temperature'),
  }),
  sentence: ({ params: { minutes, melt_C } }) =>
    melt_C === undefined
      ? `Grind together for ${minutes}\u00a0min.`
      : `Melt together at about ${melt_C}\u202f°C and keep it there for ${minutes}\u00a0min.`,
  conditions: ({ melt_C }) => (melt_C === undefined ? { grinds: true } : { grinds: true, hot: true, warms: true }),
  cautions: () => ['Cover it against moisture; foam needs room.'],
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, { melt_C }) => {
    const place = worksIn(work);
    if (melt_C !== undefined) work.temperature(place, melt_C);
    react(work, place);
  },
  asks: ({ temperatures: read }, context) => [
    event(context, 'begun', 'Begin.', 'Begun'),
    ...(context.params.melt_C === undefined
      ? []
      : [
          temperatures(context, read, {
            title: 'Temperature of the melt',
            ways: [temperatureWay('Read the temperature in the melt.')],
          }),
        ]),
    event(context, 'changed', 'Watch: an oil forms, the mass turns solid, or the foam stops.', 'I saw it change'),
    event(context, 'ended', 'When the time is over, go on.', 'Time is over'),
  ],
  timers: ({ begun: from, ended: to }, context) =>
    timer(context, {
      label: 'Without a solvent',
      then: 'Look at it and go on',
      minutes: context.params.minutes,
      from,
      to,
    }),
  drawing: () => ({ kind: 'mortar' }),
});
