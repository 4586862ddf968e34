import { capital } from '../../capital';
import { checks, question, measure, measureLine } from '../asks';
import { derive } from '../../stoichiometry/derive';
import { enter } from '../../worktop/enter';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { fromWorked } from '../../quantity/worked';
import { inSentence } from '../../document/inSentence';
import { itemOf } from '../items';
import { linesWords } from '../linesWords';
import { sample } from '../../worktop/sample';
import { stageName } from '../stages';
import { worked } from '../numbers';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { SlotAsk } from '../ask';
import type { StepContext } from '../operation';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is spotted'),
  lanes: field.many(
    field.text('Lanes', 60, { help: 'Such as “mixture”, “starting material”, “both on one spot”.' }),
    [1, 6],
  ),
  eluent: field.optional(field.many(field.line('Eluent', { role: 'solvent' }), [1, 4])),
  seen: field.text('How it is made visible', 80, { help: 'Such as “ultraviolet lamp, 254 nm”.' }),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
  waste: away('Chamber, emptied', 'Chamber of the chromatogram'),
} satisfies Slots;

type ThinLayerParams = ParamsOf<typeof fields>;

interface Lane {
  readonly lane: string;
  readonly item: string;
  readonly spot?: Worked;
  /** Retention factor. */
  readonly Rf?: Worked<'number'>;
}

interface ThinLayer {
  readonly front?: Worked;
  readonly lanes: readonly Lane[];
  readonly single?: Live<Happening>;
  readonly several?: Live<Happening>;
}

const length = (slot: string, says: string): SlotAsk => ({ slot, says, dim: 'length', unit: 'cm' });

/** Thin-layer chromatogram: how far each spot ran against the front, beside what it is compared with. */
export const thinLayer = defineOperation({
  name: 'thinLayer',
  version: 1,
  title: 'Thin-layer chromatogram',
  phase: 'characterize',
  sign: 'paper',
  told: { by: [{ by: 'tlc' }] },
  fields,
  vessels,
  reads: { front: { dim: 'length', word: 'front' }, spot: { dim: 'length', word: 'spot', per: 'item' } },
  actual: (context): ThinLayer => {
    const front = lengthAt(context, 'front');
    return {
      ...eventsAt(context, 'single', 'several'),
      ...(front ? { front } : {}),
      lanes: context.params.lanes.map((lane, i) => laneOf(context, lane, itemOf(i), front)),
    };
  },
  sentence: (context) => {
    const { of, eluent, lanes } = context.params;
    const by = eluent === undefined ? '' : `, run in ${linesWords(context, eluent)}`;
    return `Spot the ${stageName(context, of)} on a plate in ${lanes.length === 1 ? 'one lane' : `${lanes.length} lanes`}${by}; mark the front at once.`;
  },
  cautions: ({ params: { seen } }) => [
    ...(/ultraviolet|UV/i.test(seen) ? ['Never look into the lamp; no skin under it.'] : []),
    'The chamber stands covered, in the hood.',
  ],
  predict: (work, { eluent = [] }) => {
    sample(work, { low: 0.001, typical: 0.003, high: 0.01 });
    const chamber = work.receiver('waste');
    for (const line of eluent) enter(work, line, chamber);
  },
  asks: (_, context) => [
    ...(context.params.eluent ?? []).flatMap((line) => measureLine(context, line)),
    ...checks(context, {
      line: 'The start is a pencil line above the eluent; the lanes are named in pencil.',
      spots: 'The spots are small and dry, one lane each.',
    }),
    measure(context, {
      id: 'front',
      title: 'Front of the eluent',
      ways: [{ id: 'front', label: 'Distance', slots: [length('front', 'From the start to the front.')] }],
    }),
    ...context.params.lanes.map((lane, i) =>
      measure(context, {
        id: `spot-${itemOf(i)}`,
        title: capital(lane),
        about: { item: itemOf(i) },
        ways: [
          {
            id: 'spot',
            label: 'Distance',
            slots: [length('spot', `${context.params.seen}: from the start to the middle of the main spot.`)],
          },
        ],
      }),
    ),
    question(context, 'How many spots has the first lane?', [
      { name: 'single', button: 'One spot' },
      { name: 'several', button: 'More than one' },
    ]),
  ],
  outcome: ({ lanes }) =>
    lanes.flatMap(({ lane, Rf }) => (Rf ? [{ label: `Rf, ${inSentence(lane)}`, worked: Rf }] : [])),
  check: ({ front, lanes }, { step }) =>
    lanes.flatMap(({ lane, item, spot }) =>
      front && spot && spot.q.value > front.q.value
        ? [
            finding(
              'thinLayer.beyond',
              'stop',
              { step: step.id, slot: 'spot', item },
              { lane, spot: worked(spot), front: worked(front) },
            ),
          ]
        : [],
    ),
  drawing: (_, { params: { lanes } }) => ({ kind: 'plate', lanes: lanes.length }),
});

/** A distance that was read; a reading of another kind is stored, and is none. */
function lengthAt(context: StepContext<ThinLayerParams>, slot: string, item?: string): Worked | undefined {
  const found = readingsAt(context, item === undefined ? {} : { item })[slot];
  const read = found && readAs(context, found);
  return read?.q.dim === 'length' ? read : undefined;
}

function laneOf(context: StepContext<ThinLayerParams>, lane: string, item: string, front: Worked | undefined): Lane {
  const spot = lengthAt(context, 'spot', item);
  if (!spot) return { lane, item };
  if (!front || !(front.q.value > 0) || spot.q.value > front.q.value) return { lane, item, spot };
  const Rf = derive({
    formula: 'retentionFactor',
    dim: 'number',
    unit: '',
    value: spot.q.value / front.q.value,
    inputs: { d: fromWorked(spot), d_f: fromWorked(front) },
    figures: 2,
  });
  return { lane, item, spot, Rf };
}
