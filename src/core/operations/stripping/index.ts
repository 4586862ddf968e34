import { checks, event, measure } from '../asks';
import { celsiusParam, idParam, params } from '../params';
import { configurationFindings } from '../../record/weighingFindings';
import { eventsAt, readingsAt } from '../onRecord';
import { massFindings, stageName, stageOf } from '../stages';
import { measuredMass } from '../../record/measured';
import { netWay, taredVesselWay } from '../ways';
import { stripOff } from './predict';
import { uncheckedAt } from '../unchecked';
import type { Happening } from '../../record/entry';
import type { LineReadings } from '../../record/measured';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';
import type { Worked } from '../../quantity/worked';

export interface StrippingParams {
  readonly of: string;
  readonly bath_C: number;
}

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
export const stripping: Operation<StrippingParams, Stripping> = {
  name: 'stripping',
  version: 1,
  title: 'Removing the solvent',
  params: params({ of: idParam().required(), bath_C: celsiusParam().required() }),
  refs: ({ of }) => ({ stages: [of] }),
  actual: (context) => {
    const readings = readingsAt(context) as LineReadings;
    const mass = measuredMass(readings, context.bench.doc.devices);
    return { ...eventsAt(context, 'begun', 'constant'), readings, ...(mass ? { mass } : {}) };
  },
  sentence: (context) =>
    `Take the solvent off at ${context.params.bath_C}\u202f°C from a tared flask: the ${stageName(context, context.params.of)} stays.`,
  conditions: () => ({ hot: true, warms: true, vacuum: 'rotary' }),
  cautions: () => ['Never take an ether to dryness on heat unless it is free of peroxides.'],
  isolates: true,
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
};
