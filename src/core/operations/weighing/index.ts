import { finding } from '../../finding/finding';
import { massFindings, stageName, stageOf } from '../stages';
import { measure } from '../asks';
import { measuredMass } from '../../bench/measured';
import { configurationFindings } from '../../bench/weighingFindings';
import { netWay, taredVesselWay } from '../ways';
import { readingsAt } from '../onRecord';
import { defineOperation } from '../declare/defineOperation';
import { massReads } from '../declare/reads';
import * as field from '../declare/fields';
import { stays } from '../declare/vessels';
import type { LineReadings } from '../../bench/measured';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Slots } from '../declare/vessels';

const fields = {
  of: field.goal('What is weighed'),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
} satisfies Slots;

export interface Weighing {
  readonly readings: LineReadings;
  readonly mass?: Worked<'mass'>;
}

/** Weighing a product, in a vessel that was weighed empty, or net. */
export const weighing = defineOperation({
  name: 'weighing',
  version: 1,
  title: 'Weighing',
  fields,
  vessels,
  reads: massReads,
  actual: (context): Weighing => {
    const readings = readingsAt(context) as LineReadings;
    const mass = measuredMass(readings, context.bench.doc.devices);
    return { readings, ...(mass ? { mass } : {}) };
  },
  predict: (work) => work.follow(work.place('in')),
  sentence: (context) => `Weigh the ${stageName(context, context.params.of)}: the empty vessel first.`,
  cautions: () => ['A forgotten tare cannot be had later: empty, clean and dry, with its label and cap.'],
  asks: ({ mass }, context) => [
    {
      ...measure(context, { id: 'mass', title: stageName(context, context.params.of), ways: [taredVesselWay, netWay] }),
      // Two configurations give no mass: the step stays open.
      done: mass !== undefined,
    },
  ],
  check: ({ readings, mass }, context) => {
    const { of } = context.params;
    const name = stageOf(context.bench, of)?.name ?? of;
    const about = { step: context.step.id, slot: readings.full ? 'full' : 'net' };
    const wet = mass && context.bench.massOf(of)?.dry === 'unknown';
    return [
      ...configurationFindings(readings, name, { step: context.step.id }),
      ...(mass ? massFindings(context, of, mass, about) : []),
      ...(wet ? [finding('stage.notDry', 'caution', about, { stage: name })] : []),
    ];
  },
  outcome: ({ mass }) => (mass ? [{ label: 'net', worked: mass }] : []),
  mass: ({ readings, mass }, { step, params: { of } }) =>
    mass && {
      stage: of,
      mass,
      step: step.id,
      dry: 'unknown',
      at: (readings.full ?? readings.net)?.entry.at ?? '',
    },
});
