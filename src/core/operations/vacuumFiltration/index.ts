import { array } from 'yup';
import { checks, event, lineAt, measureLine } from '../asks';
import { celsiusParam, idParam, minutesParam, params } from '../params';
import { dissolvedIn, totalVolume } from '../dissolved';
import { eventsAt } from '../onRecord';
import { stageName } from '../stages';
import { timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { filterOff } from '../predicting/filterOff';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface VacuumFiltrationParams {
  /** What stays on the paper. */
  readonly of: string;
  /** The wash. */
  readonly wash: string;
  /** Lines whose volume runs through with the mixture. */
  readonly liquid?: readonly string[];
  /** Substance of the liquid, for the loss. */
  readonly solvent: string;
  readonly at_C: number;
  /** Air drawn through the cake at the end. */
  readonly air_min: number;
}

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
export const vacuumFiltration: Operation<VacuumFiltrationParams, VacuumFiltration> = {
  name: 'vacuumFiltration',
  version: 1,
  title: 'Vacuum filtration',
  params: params({
    of: idParam().required(),
    wash: idParam().required(),
    liquid: array(idParam().required()).max(10, 'must have at most 10 lines'),
    solvent: idParam().required(),
    at_C: celsiusParam().required(),
    air_min: minutesParam().required(),
  }),
  refs: ({ of, wash, liquid = [], solvent }) => ({
    lines: [wash, ...liquid],
    stages: [of],
    substances: [solvent],
  }),
  without: ({ liquid, ...params }, line) =>
    line === params.wash ? undefined : { ...params, ...(liquid ? { liquid: liquid.filter((id) => id !== line) } : {}) },
  actual: (context) => eventsAt(context, 'filtered', 'washed', 'ended'),
  sentence: (context) => `Filter with suction; wash the ${stageName(context, context.params.of)} cold.`,
  conditions: () => ({ vacuum: 'suction' }),
  isolates: true,
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
      'Pour it on with swirling; rinse the flask with a little cold filtrate.',
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
};
