import { isPurifying } from '../told';
import { lossAt } from '../../worktop/loss';
import { schoolOf } from '../../conventions/catalogue';
import { schoolWords } from '../../conventions/words';
import { finding } from '../../finding/finding';
import { inSentence } from '../../document/inSentence';
import { expectedSolvent } from './expectedSolvent';
import { checks, event, lineAt, measure, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { dissolvedIn, totalVolume } from '../dissolved';
import { eventsAt, nextRound, readAs, readingsAt, roundsAt, tickedAt } from '../onRecord';
import { measuredMass } from '../../readings/measured';
import { differenceWay, netWay } from '../ways';
import { stageName } from '../stages';
import { timer } from '../timer';
import { worked } from '../numbers';
import { dissolveHot } from './predict';
import { defineOperation } from '../declare/defineOperation';
import { massReads } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { away, stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Finding } from '../../finding/finding';
import type { StepContext } from '../operation';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  from: field.stage('What goes in'),
  to: field.stage('What comes out'),
  solvent: field.line('Solvent', { role: 'solvent', help: 'Written per gram, it follows the mass that goes in.' }),
  charcoal: field.optional(field.line('Charcoal', { role: 'aid' })),
  rinse: field.optional(field.line('Rinse', { role: 'rinse' })),
  boil_min: field.minutes('Boil', { usual: 3 }),
  cold_C: field.celsius('Cold', { usual: 5, help: 'Temperature at which the crystals are filtered off.' }),
  excess_percent: field.optional(
    field.number('Excess of solvent', '%', [0, 200], {
      help: 'Beyond the least, added for the hot filtration and boiled off before cooling.',
    }),
  ),
  ...heats,
} satisfies Fields;

const vessels = {
  in: stays('Flask', 'conical flask'),
  filter: away('Hot filter', 'Hot filter'),
} satisfies Slots;

export type RecrystallizationParams = ParamsOf<typeof fields>;

export interface Recrystallization {
  /** What went in. */
  readonly massIn?: Worked<'mass'>;
  readonly expected?: Worked<'volume'>;
  /** Running total of the solvent. */
  readonly total?: Worked<'volume'>;
  readonly portions: readonly Worked<'volume'>[];
  /** Volume when cooling starts: what is boiled off by then keeps nothing. */
  readonly atCooling?: Worked<'volume'>;
  readonly dissolved?: Live<Happening>;
  readonly charcoal?: Live<Happening>;
  readonly filtered?: Live<Happening>;
}

const setUp = {
  heater: 'The heater has no flame near anything flammable; a beaker of hot solvent stands ready.',
  aids: 'Boiling aids or stir bar are in, before any heat.',
} as const;

// Above this share of the expectation the classic loss begins; below it people differ by how patiently they wait.
const toleratedExcess = 1.25;

/** Dissolving in the minimum of boiling solvent, charcoal, hot filtration; cooling and filtering are steps of their own. */
export const recrystallization = defineOperation({
  name: 'recrystallization',
  version: 1,
  title: 'Recrystallization',
  phase: 'purify',
  sign: 'crystals',
  told: {
    by: [
      { by: 'recrystallize' },
      {
        by: 'recrystallize',
        rank: 2,
        goesOn: true,
        when: (said) => isPurifying(said) && /dissolv/.test(said.text) && said.soundings.last === 'recrystallization',
      },
    ],
    leaves: 'solid',
    purifying: 'begins',
  },
  absorbs: ['gravityFiltration', 'hold', 'charge', 'recrystallization'],
  fields,
  vessels,
  reads: {
    ...massReads,
    volume: { dim: 'volume', per: 'round' },
    atCooling: { dim: 'volume', word: 'when cooling starts' },
  },
  dissolvesHot: ({ from, solvent, excess_percent = 0, cold_C }) => ({
    line: solvent,
    stage: from,
    excess: excess_percent / 100,
    cold_C,
  }),
  actual,
  sentence: (context) => {
    const name = lineAt(context, context.params.solvent)?.plan.facts.substance.substance.name ?? 'solvent';
    const least = schoolOf(context.bench.doc.conventions, 'recrystallizationSolvent') === 'portions';
    return `Dissolve the ${stageName(context, context.params.from)} in ${least ? 'the least' : 'the fixed amount of'} boiling ${inSentence(name)}.`;
  },
  timing: ({ boil_min }) => ({ fixed_min: boil_min, grows: 'heat' }),
  predict: (work, params) => dissolveHot(work, params),
  equipment: heatingWords,
  conditions: ({ charcoal, ...params }) => ({
    ...heated(params),
    boiling: true,
    hot: true,
    warms: true,
    ...(charcoal ? { intoHot: [charcoal] } : {}),
  }),
  cautions: (context) => (context.params.charcoal ? cautionOf(context, context.params.charcoal) : []),
  asks: ({ dissolved, total, expected }, context) => [
    massAsk(context),
    ...checks(context, {
      ...setUp,
      aids: schoolWords(context.bench.doc.conventions, 'boiling', setUp.aids),
    }),
    {
      ...measure(context, {
        id: 'portion',
        title: total ? 'Another portion of solvent' : 'First portion of solvent',
        about: { round: nextRound(context, 'volume') },
        ways: [
          {
            id: 'volume',
            label: 'Volume',
            slots: [
              {
                slot: 'volume',
                says: schoolWords(
                  context.bench.doc.conventions,
                  'recrystallizationSolvent',
                  'Add boiling solvent, wait for the boil. Volume added:',
                ),
                dim: 'volume',
                unit: 'mL',
              },
            ],
          },
        ],
        ...remaining(expected, total),
        ...device(context, context.params.solvent),
        close: { name: 'dissolved', button: 'All dissolved at the boil' },
      }),
      done: dissolved !== undefined,
    },
    ...(context.params.charcoal
      ? [
          ...checks(context, { offHeat: 'The flask has stood off the heat for a minute.' }),
          ...measureLine(context, context.params.charcoal),
          event(context, 'charcoal', 'Charcoal in, swirl, and back to the boil.', 'Charcoal is in'),
        ]
      : []),
    ...checks(context, { warm: 'Funnel and receiving flask are warm, the fluted paper wetted with hot solvent.' }),
    event(context, 'filtered', 'Filter hot, in portions; keep both flasks hot.', 'Filtered hot'),
    ...(context.params.rinse ? measureLine(context, context.params.rinse) : []),
    measure(context, {
      id: 'atCooling',
      title: 'Volume when cooling starts',
      ways: [
        {
          id: 'atCooling',
          label: 'Volume',
          slots: [
            {
              slot: 'atCooling',
              says: 'Boil the excess off, then read the volume in the flask.',
              dim: 'volume',
              unit: 'mL',
            },
          ],
        },
      ],
      ...(expected ? { window: { dim: 'volume', unit: 'mL', high: expected.q.value, figures: 2 } } : {}),
      ...device(context, context.params.solvent),
    }),
  ],
  timers: ({ charcoal: from, filtered: to }, context) =>
    timer(context, { label: 'Boiling with charcoal', then: 'Filter hot', minutes: context.params.boil_min, from, to }),
  outcome: ({ massIn, total, expected, atCooling }) => [
    ...(massIn ? [{ label: 'went in', worked: massIn }] : []),
    ...(total ? [{ label: 'solvent', worked: total }] : []),
    ...(expected ? [{ label: 'expected', worked: expected }] : []),
    ...(atCooling ? [{ label: 'when cooling starts', worked: atCooling }] : []),
  ],
  check: (done, context) => [...overSolvent(done, context), ...hotCharcoal(done, context)],
  input: ({ massIn }, { params: { to } }) => (massIn ? { stage: to, mass: massIn } : undefined),
  losses: ({ atCooling, total }, context) => {
    const { to, cold_C } = context.params;
    const volume = atCooling ?? total;
    const mass = volume && dissolvedIn(context.bench.doc, to, solventOf(context), volume, cold_C);
    return mass
      ? [{ ...lossAt(context.step.id, 'liquor'), label: 'dissolved in the mother liquor', stage: to, mass }]
      : [];
  },
  drawing: ({ total, expected }) => ({
    kind: 'dissolving',
    ...(total ? { total } : {}),
    ...(expected ? { expected } : {}),
  }),
});

function actual(context: StepContext<RecrystallizationParams>): Recrystallization {
  const readings = readingsAt(context);
  const massIn = measuredMass(readings, context.bench.doc.devices);
  const basis = massIn ?? context.bench.massOf(context.params.from)?.mass;
  const portions = roundsAt(context, 'volume').map((one) => readAs(context, one) as Worked<'volume'>);
  const total = totalVolume(portions);
  const expected = expectedSolvent(lineAt(context, context.params.solvent), basis);
  return {
    ...(massIn ? { massIn } : {}),
    ...(expected ? { expected } : {}),
    ...(total ? { total } : {}),
    portions,
    ...(readings['atCooling'] ? { atCooling: readAs(context, readings['atCooling']) as Worked<'volume'> } : {}),
    ...eventsAt(context, 'dissolved', 'charcoal', 'filtered'),
  };
}

function massAsk(context: StepContext<RecrystallizationParams>) {
  const before = context.bench.massOf(context.params.from)?.mass;
  return measure(context, {
    id: 'mass',
    title: 'Into the recrystallization',
    ways: [netWay, differenceWay],
    ...(before ? { goal: { mass: before } } : {}),
  });
}

const solventOf = (context: StepContext<RecrystallizationParams>) =>
  lineAt(context, context.params.solvent)?.plan.facts.line.substance ?? '';

const device = (context: StepContext, line: string) => {
  const id = lineAt(context, line)?.plan.facts.line.device;
  return id === undefined ? {} : { device: id };
};

/** What is left of the expectation: the gauge of the next portion. Nothing once it is used up; the finding speaks then. */
function remaining(expected: Worked<'volume'> | undefined, total: Worked<'volume'> | undefined) {
  const left = expected ? expected.q.value - (total?.q.value ?? 0) : 0;
  return left > 0 ? { window: { dim: 'volume' as const, unit: 'mL', high: left, figures: 2 } } : {};
}

function overSolvent(
  { expected, total, atCooling, massIn }: Recrystallization,
  context: StepContext<RecrystallizationParams>,
): readonly Finding[] {
  const volume = atCooling ?? total;
  const mass = massIn ?? context.bench.massOf(context.params.from)?.mass;
  if (!expected || !volume || !mass || volume.q.value <= expected.q.value * toleratedExcess) return [];
  const kept = dissolvedIn(context.bench.doc, context.params.to, solventOf(context), volume, context.params.cold_C);
  return [
    finding(
      'solvent.over',
      'caution',
      { step: context.step.id, slot: 'volume' },
      {
        total: worked(volume),
        expected: worked({ ...expected, figures: 2 }),
        mass: worked(mass),
        kept: kept ? worked(kept) : 'more than planned',
      },
    ),
  ];
}

function hotCharcoal({ charcoal }: Recrystallization, context: StepContext): readonly Finding[] {
  return charcoal && !tickedAt(context).has('offHeat')
    ? [finding('charcoal.hot', 'caution', { step: context.step.id, field: 'charcoal' })]
    : [];
}
