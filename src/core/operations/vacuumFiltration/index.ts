import { namesSolid, isPurifying } from '../told';
import { lossAt } from '../../worktop/loss';
import { schoolWords } from '../../conventions/words';
import { checks, event, lineAt, measureLine } from '../asks';
import { dissolvedIn, totalVolume } from '../dissolved';
import { eventsAt } from '../onRecord';
import { stageName } from '../stages';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { filterOff, suctionFilter } from '../../worktop/filterOff';
import { filterThrough } from '../../worktop/filterThrough';
import { lineWords, linesWords } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields, ParamsOf } from '../declare/fields';
import type { StepContext } from '../operation';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What stays on the paper'),
  wash: field.optional(field.line('Wash', { role: 'wash', usually: true })),
  liquid: field.optional(field.many(field.line('Lines whose volume runs through with the mixture'), [0, 10])),
  solvent: field.substance('Liquid', { role: 'solvent', help: 'For what it keeps of the product.' }),
  at_C: field.celsius('At', { usual: 5 }),
  air_min: field.minutes('Air through it', { usual: 5 }),
  keeps: field.optional(
    field.choice('What goes on', { cake: 'what stays on the paper', filtrate: 'what runs through' }),
  ),
  weighedPaper: field.optional(field.flag('On a paper that was weighed')),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is filtered from'),
  cake: into('Paper with the cake', undefined, 'On paper: {stage}'),
  filtrate: away('Filtrate', 'Filtrate of the {stage}'),
} satisfies Slots;

export interface VacuumFiltration {
  readonly filtered?: Live<Happening>;
  readonly washed?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

const setUp = {
  paper: 'The paper lies flat, covers every hole and is wetted with the cold solvent.',
  suction: 'The vacuum is on and sucks.',
  flask: 'The filtrate flask is clean: the filtrate is kept until the product is weighed.',
} as const;

// Colder than this a wash is meant to be cold.
const cold_C = 15;

/** Filtering with suction and washing the cake with a cold solvent. */
export const vacuumFiltration = defineOperation({
  name: 'vacuumFiltration',
  version: 1,
  title: 'Vacuum filtration',
  phase: 'isolate',
  sign: 'suction',
  told: {
    by: [
      { by: 'vacuum' },
      { by: 'collectSolid' },
      { by: 'filter', ask: 'Filtered with suction, or through a fluted paper?' },
      {
        by: 'filter',
        rank: 1,
        when: (said) =>
          /suction|vacuum|pump|b[uü]chner|hirsch/.test(said.text) || namesSolid(said) || isPurifying(said),
      },
    ],
    leaves: 'solid',
    severally: true,
  },
  fields,
  vessels,
  absorbs: ['cakeWash'],
  traits: ['isolates'],
  actual: (context): VacuumFiltration => eventsAt(context, 'filtered', 'washed', 'ended'),
  sentence: (context) => {
    const { of, wash, keeps, at_C } = context.params;
    if (keeps === 'filtrate')
      return `Filter with suction; keep what runs through${wash === undefined ? '' : ` and rinse with ${linesWords(context, [wash])}`}.`;
    if (wash === undefined) return `Filter the ${stageName(context, of)} off with suction.`;
    return `Filter with suction; wash the ${stageName(context, of)} with ${coldWords(lineWords(context, wash), at_C)}.`;
  },
  conditions: () => ({ vacuum: 'suction' }),
  timing: ({ air_min }) => ({ fixed_min: air_min, grows: 'heat' }),
  predict: (work, { keeps, ...params }) =>
    keeps === 'filtrate'
      ? filterThrough(work, suctionFilter(work), 'cake', { rinse: params.wash })
      : filterOff(work, suctionFilter(work), params),
  cautions: () => [
    'Look the glass over: no vacuum on thin or scratched glass.',
    'Break the vacuum before the pump is turned off.',
  ],
  asks: (_, context) => [
    ...checks(context, setUpOf(context.params)),
    event(
      context,
      'filtered',
      schoolWords(
        context.bench.doc.conventions,
        'rinsing',
        'Pour it on with swirling; rinse the flask with a little cold filtrate.',
      ),
      'It is on the paper',
    ),
    ...washAsks(context),
    event(context, 'ended', 'Press it flat and pull air through.', 'Sucked dry'),
  ],
  timers: ({ filtered, washed, ended: to }, context) =>
    timer(context, {
      label: 'Air through the cake',
      then: 'Break the vacuum, lift the cake off',
      minutes: context.params.air_min,
      from: context.params.wash === undefined ? filtered : washed,
      to,
    }),
  check: ({ filtered }, context) => uncheckedAt(context, 'Filtration', setUpOf(context.params), filtered),
  losses: ({ filtered }, context) => {
    const { of, wash, liquid = [], solvent, at_C, keeps } = context.params;
    if (!filtered || keeps === 'filtrate') return [];
    const volumes = [...liquid, ...(wash === undefined ? [] : [wash])].flatMap((id) => {
      const line = lineAt(context, id);
      // What was measured, or else what the plan says.
      const volume = context.bench.charge.actual.rows.get(id)?.total.volume ?? line?.plan.total.volume;
      return volume ? [volume] : [];
    });
    const volume = totalVolume(volumes);
    const mass = volume && dissolvedIn(context.bench.doc, of, solvent, volume, at_C);
    return mass
      ? [{ ...lossAt(context.step.id, 'dissolved'), label: 'dissolved in the filtrate and the wash', stage: of, mass }]
      : [];
  },
  drawing: () => ({ kind: 'suction' }),
});

type VacuumParams = ParamsOf<typeof fields>;

const weighed = 'The paper was weighed dry, and its mass stands on the record.';

const setUpOf = ({ weighedPaper }: VacuumParams): Readonly<Record<string, string>> =>
  weighedPaper ? { weighed, ...setUp } : setUp;

function washAsks(context: StepContext<VacuumParams>) {
  const { wash, at_C, keeps } = context.params;
  if (wash === undefined) return [];
  const cold = at_C <= cold_C && keeps !== 'filtrate';
  return [
    ...measureLine(context, wash),
    event(context, 'washed', `Vacuum off, the ${cold ? 'cold wash' : 'wash'} on, vacuum on again.`, 'Washed'),
  ];
}

/** "Cold" where it is meant to be and its name does not say so already. */
const coldWords = (wash: string, at_C: number) =>
  at_C <= cold_C && !/\b(ice|cold)\b/i.test(wash) ? `${wash}, cold` : wash;
