import { worksIn } from '../../worktop/transfer';
import { schoolWords } from '../../conventions/words';
import { finding } from '../../finding/finding';
import { massFindings, stageName, stageOf } from '../stages';
import { measure } from '../asks';
import { asRead, measuredMass } from '../../readings/measured';
import { configurationFindings } from '../../readings/weighingFindings';
import { netWay, taredVesselWay, volumeWay } from '../ways';
import { lineAmounts } from '../../stoichiometry/lineAmounts';
import { numeral } from '../../plan/facts';
import { readingsAt } from '../onRecord';
import { contentOf } from '../../document/steps';
import { rootOf } from '../../document/reactions';
import { defineOperation } from '../declare/defineOperation';
import { massReads } from '../declare/reads';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Way } from '../ask';
import type { LineReadings } from '../../readings/measured';
import type { StepContext } from '../operation';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

/** Whether the sheet has the stage measured by its volume. */
const byVolume = ({ bench, params: { of } }: StepContext<{ readonly of: string }>) =>
  stageOf(bench, of)?.measure === 'volume';

/** A volume by the density of the pure liquid: less certain than a weighing, since what was measured need not be pure. */
function massOfVolume(
  context: StepContext<{ readonly of: string }>,
  { volume }: LineReadings,
): Worked<'mass'> | undefined {
  const { doc } = context.bench;
  const id = stageOf(context.bench, context.params.of)?.substance;
  const substance = doc.substances.find((one) => one.id === id);
  const read = volume && byVolume(context) ? asRead(volume, doc.devices, 'single') : undefined;
  if (read?.q.dim !== 'volume' || !substance?.density) return undefined;
  return lineAmounts(read, {
    density: numeral(substance.density.digits, 'density', 'g/mL', {
      at: 'reference',
      id: substance.id,
      field: 'density',
    }),
  }).mass;
}

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

/** What it is weighed on, by the way of the course. */
function onto({ bench: { doc } }: StepContext): Way {
  const says = schoolWords(doc.conventions, 'weighingPaper', undefined);
  const [empty, ...rest] = taredVesselWay.slots;
  return says === undefined || !empty ? taredVesselWay : { ...taredVesselWay, slots: [{ ...empty, says }, ...rest] };
}

/** Weighing a product, in a vessel that was weighed empty, or net. */
export const weighing = defineOperation({
  name: 'weighing',
  version: 1,
  title: 'Weighing',
  phase: 'dryWeigh',
  sign: 'balance',
  told: { by: [{ by: 'weigh' }, { by: 'weighOut' }] },
  fields,
  vessels,
  reads: { ...massReads, volume: { dim: 'volume', word: 'volume' } },
  actual: (context): Weighing => {
    const readings = readingsAt(context) as LineReadings;
    const mass = measuredMass(readings, context.bench.doc.devices) ?? massOfVolume(context, readings);
    return { readings, ...(mass ? { mass } : {}) };
  },
  predict: (work) => work.follow(worksIn(work)),
  sentence: (context) =>
    byVolume(context)
      ? `Measure the volume of the ${stageName(context, context.params.of)}.`
      : `Weigh the ${stageName(context, context.params.of)}: the empty vessel first.`,
  cautions: (context) =>
    byVolume(context) ? [] : ['A forgotten tare cannot be had later: empty, clean and dry, with its label and cap.'],
  asks: ({ readings, mass }, context) => {
    const tared = onto(context);
    const ways = byVolume(context) ? [volumeWay, tared, netWay] : [tared, netWay];
    return [
      {
        ...measure(context, { id: 'mass', title: stageName(context, context.params.of), ways }),
        // Two configurations give no mass: the step stays open.
        done: mass !== undefined || (byVolume(context) && readings.volume !== undefined),
      },
    ];
  },
  check: ({ readings, mass }, context) => {
    const { of } = context.params;
    const name = stageOf(context.bench, of)?.name ?? of;
    const about = {
      step: context.step.id,
      slot: readings.full ? 'full' : readings.net ? 'net' : readings.volume ? 'volume' : 'net',
    };
    const wet = mass && context.bench.massOf(of)?.dry === 'unknown' && mayBeWet(context);
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
      at: (readings.full ?? readings.net ?? readings.volume)?.entry.at ?? '',
    },
});

const wetting = ['solvent', 'quench', 'extractant', 'wash', 'rinse'];

/** What was bought and only weighed, distilled or sampled is as dry as it came: nothing wet was brought to it. */
function mayBeWet({ bench: { doc }, params: { of } }: StepContext<ParamsOf<typeof fields>>): boolean {
  const stage = doc.stages.find(({ id }) => id === of);
  const bought = stage !== undefined && contentOf(rootOf(doc, stage)) !== undefined;
  return !bought || doc.lines.some(({ role }) => wetting.includes(role));
}
