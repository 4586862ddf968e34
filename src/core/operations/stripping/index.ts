import { checks, event, measure } from '../asks';
import { configurationFindings } from '../../readings/weighingFindings';
import { eventsAt, readingsAt } from '../onRecord';
import { massFindings, stageName, stageOf } from '../stages';
import { measuredMass } from '../../readings/measured';
import { netWay, taredVesselWay } from '../ways';
import { stripOff } from './predict';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import { massReads } from '../declare/reads';
import * as field from '../declare/fields';
import { away, from, into } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { LineReadings } from '../../readings/measured';
import type { Live } from '../../record/foldRecord';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is left behind'),
  bath_C: field.celsius('Bath', { usual: 40 }),
} satisfies Fields;

const vessels = {
  in: from('Vessel with the solution'),
  to: into('Flask that it is stripped in', 'distillation flask'),
  solvent: away('Receiver of the solvent', 'Solvent taken off'),
} satisfies Slots;

export interface Stripping {
  readonly readings: LineReadings;
  readonly mass?: Worked<'mass'>;
  readonly begun?: Live<Happening>;
  readonly constant?: Live<Happening>;
}

const setUp = {
  tared: 'The flask was weighed empty, with its label.',
  peroxides: 'An ether has been tested for peroxides, or is known to be fresh.',
  cooled: 'The receiver is cooled; the round flask has no scratch and is clipped on.',
} as const;

/** Removing the solvent from a tared flask, to constant mass. */
export const stripping = defineOperation({
  name: 'stripping',
  version: 1,
  title: 'Removing the solvent',
  phase: 'workUp',
  sign: 'rotary',
  told: {
    by: [
      { by: 'evaporateOff' },
      { by: 'distil', rank: 3, when: ({ text }) => /\boff\b/.test(text) },
      { by: 'heat', rank: 2, when: ({ text }) => /\b(dry|dryness)\b/.test(text) && /evaporat/.test(text) },
    ],
    leaves: 'oil',
    still: 'ends',
  },
  fields,
  vessels,
  reads: massReads,
  traits: ['isolates'],
  actual: (context): Stripping => {
    const readings = readingsAt(context) as LineReadings;
    const mass = measuredMass(readings, context.bench.doc.devices);
    return { ...eventsAt(context, 'begun', 'constant'), readings, ...(mass ? { mass } : {}) };
  },
  sentence: (context) =>
    `Take the solvent off at ${context.params.bath_C}\u202f°C from a tared flask: the ${stageName(context, context.params.of)} stays.`,
  conditions: () => ({ onWater: true, hot: true, warms: true, concentrates: true, vacuum: 'rotary' }),
  cautions: () => ['Never take an ether to dryness on heat unless it is free of peroxides.'],
  predict: (work, params) => stripOff(work, params),
  asks: ({ mass }, context) => [
    ...checks(context, setUp),
    event(context, 'begun', 'Turn the flask, pull the vacuum slowly, then lower it into the bath.', 'It runs'),
    event(
      context,
      'constant',
      'Nothing more comes over; raise the bath a little at the end. Then lift, vent, pump off.',
      'Nothing more comes',
    ),
    {
      ...measure(context, { id: 'mass', title: stageName(context, context.params.of), ways: [taredVesselWay, netWay] }),
      done: mass !== undefined,
    },
  ],
  check: ({ readings, mass, begun }, context) => {
    const { of } = context.params;
    const about = { step: context.step.id, slot: readings.full ? 'full' : 'net' };
    return [
      ...uncheckedAt(context, 'Removing the solvent', setUp, begun),
      ...configurationFindings(readings, stageOf(context.bench, of)?.name ?? of, { step: context.step.id }),
      ...(mass ? massFindings(context, of, mass, about) : []),
    ];
  },
  outcome: ({ mass }) => (mass ? [{ label: 'net', worked: mass }] : []),
  mass: ({ readings, mass }, { step, params: { of } }) =>
    mass && { stage: of, mass, step: step.id, dry: 'unknown', at: (readings.full ?? readings.net)?.entry.at ?? '' },
  drawing: () => ({ kind: 'stripping' }),
});
