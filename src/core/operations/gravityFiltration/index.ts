import { checks, event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { times } from '../../process/matter/matter';
import { uncheckedAt } from '../unchecked';
import { productIn } from '../../process/worktop/transfer';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../declare/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../declare/vessels';

const fields = {
  rinse: field.optional(field.line('Rinse', { role: 'rinse' })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is filtered from'),
  to: into('Vessel for the filtrate', 'conical flask'),
  paper: away('Paper'),
} satisfies Slots;

export interface GravityFiltration {
  readonly filtered?: Live<Happening>;
}

const setUp = {
  paper: 'Fluted paper in a funnel with a short stem; for hot liquid both are warm and wetted.',
  flasks: 'Both flasks stand safe and, for hot liquid, on the heat.',
} as const;

/** Filtering by gravity: what dissolved goes through, what did not stays in the paper. */
export const gravityFiltration = defineOperation({
  name: 'gravityFiltration',
  version: 1,
  title: 'Gravity filtration',
  phase: 'isolate',
  sign: 'cone',
  fields,
  vessels,
  traits: ['isolates'],
  actual: (context): GravityFiltration => eventsAt(context, 'filtered'),
  sentence: () => 'Filter through fluted paper, in portions.',
  cautions: () => ['Hot and flammable: no flame near, in the hood.'],
  predict: (work, { rinse }) => {
    const from = work.place('in');
    const to = work.own('to', 'Filtrate');
    const paper = work.own('paper', 'In the paper');
    const kept = work.assume({
      key: 'paper',
      label: 'solution kept by the paper',
      dim: 'fraction',
      unit: '%',
      low: 0.01,
      typical: 0.03,
      high: 0.06,
      why: 'fluted paper soaks it up; a rinse brings it down',
    });
    const grams = productIn(work, from);
    work.put(paper, 'solid', work.takeAll(from, 'solid'));
    for (const kind of ['liquid', 'organic'] as const) {
      work.put(paper, kind, work.take(from, kind, times(work.phase(from, kind), kept.q.value)));
      work.put(to, kind, work.takeAll(from, kind));
    }
    if (rinse !== undefined) work.put(to, 'liquid', work.introduce(rinse));
    const lost = grams - productIn(work, to);
    if (grams > 0 && lost > 0)
      work.lose('paper', 'kept by the paper', work.foreseenShare(grams, work.stage?.substance ?? '', lost / grams));
    work.follow(to);
  },
  asks: (_, context) => [
    ...checks(context, setUp),
    event(context, 'filtered', 'Pour in portions; keep the paper filled no further than its edge.', 'It is through'),
    ...(context.params.rinse ? measureLine(context, context.params.rinse) : []),
  ],
  check: ({ filtered }, context) => uncheckedAt(context, 'Gravity filtration', setUp, filtered),
  drawing: () => ({ kind: 'gravity' }),
});
