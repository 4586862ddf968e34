import { schoolWords } from '../../conventions/words';
import { checks, event, lineAt, measureLine } from '../asks';
import { dissolvedIn, totalVolume } from '../dissolved';
import { eventsAt } from '../onRecord';
import { stageName } from '../stages';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { filterOff } from '../../process/worktop/filterOff';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../declare/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../declare/vessels';

const fields = {
  of: field.goal('What stays on the paper'),
  wash: field.line('Wash', { role: 'wash' }),
  liquid: field.optional(field.many(field.line('Lines whose volume runs through with the mixture'), [0, 10])),
  solvent: field.substance('Liquid', { role: 'solvent', help: 'For what it keeps of the product.' }),
  at_C: field.celsius('At', { usual: 5 }),
  air_min: field.minutes('Air through it', { usual: 5 }),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is filtered from'),
  cake: into('Paper with the cake'),
  filtrate: away('Filtrate'),
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

/** Filtering with suction and washing the cake with a cold solvent. */
export const vacuumFiltration = defineOperation({
  name: 'vacuumFiltration',
  version: 1,
  title: 'Vacuum filtration',
  phase: 'isolate',
  sign: 'suction',
  fields,
  vessels,
  absorbs: ['cakeWash'],
  traits: ['isolates'],
  actual: (context): VacuumFiltration => eventsAt(context, 'filtered', 'washed', 'ended'),
  sentence: (context) => `Filter with suction; wash the ${stageName(context, context.params.of)} cold.`,
  conditions: () => ({ vacuum: 'suction' }),
  timing: ({ air_min }) => ({ fixed_min: air_min, grows: 'heat' }),
  predict: (work, params) => filterOff(work, params),
  cautions: () => [
    'Look the glass over: no vacuum on thin or scratched glass.',
    'Break the vacuum before the pump is turned off.',
  ],
  asks: (_, context) => [
    ...checks(context, setUp),
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
    ...measureLine(context, context.params.wash),
    event(context, 'washed', 'Vacuum off, the cold wash on, vacuum on again.', 'Washed'),
    event(context, 'ended', 'Press it flat and pull air through.', 'Sucked dry'),
  ],
  timers: ({ washed: from, ended: to }, context) =>
    timer(context, {
      label: 'Air through the cake',
      then: 'Break the vacuum, lift the cake off',
      minutes: context.params.air_min,
      from,
      to,
    }),
  check: ({ filtered }, context) => uncheckedAt(context, 'Filtration', setUp, filtered),
  losses: ({ filtered }, context) => {
    const { of, wash, liquid = [], solvent, at_C } = context.params;
    if (!filtered) return [];
    const volumes = [...liquid, wash].flatMap((id) => {
      const line = lineAt(context, id);
      // What was measured, or else what the plan says.
      const volume = context.bench.charge.actual.rows.get(id)?.total.volume ?? line?.plan.total.volume;
      return volume ? [volume] : [];
    });
    const volume = totalVolume(volumes);
    const mass = volume && dissolvedIn(context.bench.doc, of, solvent, volume, at_C);
    return mass
      ? [{ key: `${context.step.id}/dissolved`, label: 'dissolved in the filtrate and the wash', stage: of, mass }]
      : [];
  },
  drawing: () => ({ kind: 'suction' }),
});
