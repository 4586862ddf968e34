import { namesAgent } from '../told';
import { checks, event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { uncheckedAt } from '../unchecked';
import { filterByGravity } from './predict';
import { linesWords } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const keeps = { filtrate: 'what runs through', solid: 'what stays in it' } as const;
const heats = { hot: 'hot', room: 'at room temperature', cold: 'cold' } as const;
const media = { paper: 'fluted paper', plug: 'a plug of cotton wool', aid: 'a layer of filter aid' } as const;

const fields = {
  keeps: field.optional(field.choice('What is kept', keeps)),
  at: field.optional(field.choice('Filtered', heats)),
  through: field.optional(field.choice('Through', media)),
  rinse: field.optional(field.line('Rinse', { role: 'rinse' })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is filtered from'),
  to: into('Vessel for the filtrate', 'conical flask', 'Filtrate'),
  paper: away('Paper', 'In the paper'),
} satisfies Slots;

export interface GravityFiltration {
  readonly filtered?: Live<Happening>;
}

const setUp = {
  paper: 'Fluted paper in a funnel with a short stem; for hot liquid both are warm and wetted.',
  flasks: 'Both flasks stand safe and, for hot liquid, on the heat.',
} as const;

type GravityParams = ParamsOf<typeof fields>;

/** What stands ready, by what is filtered through and whether it is hot. */
function setUpOf({ at, through = 'paper' }: GravityParams): Readonly<Record<keyof typeof setUp, string>> {
  if (at === undefined && through === 'paper') return setUp;
  const hot = at === 'hot';
  const medium = {
    paper: 'Fluted paper in a funnel with a short stem',
    plug: 'A loose plug of cotton wool sits in the neck of a pipette or funnel',
    aid: 'Filter aid lies a finger high on paper, wetted and even',
  }[through];
  return {
    paper: hot ? `${medium}; funnel and paper are warm and wetted.` : `${medium}, wetted with the solvent.`,
    flasks: hot ? 'Both flasks are on the heat and stand safe.' : 'Both flasks stand safe.',
  };
}

/** Filtering by gravity: what dissolved goes through, what did not stays in the paper. */
export const gravityFiltration = defineOperation({
  name: 'gravityFiltration',
  version: 1,
  title: 'Gravity filtration',
  phase: 'isolate',
  sign: 'cone',
  told: {
    by: [
      { by: 'decant' },
      {
        by: 'filter',
        rank: 3,
        when: (said) => namesAgent(said) || /cotton|glass wool|fluted|gravity|plug|celite|filter aid/.test(said.text),
      },
      {
        by: 'filter',
        rank: 3,
        when: ({ text }) => /\bhot\b|while still hot|charcoal/.test(text) && !/\boff\b/.test(text),
      },
      { by: 'filter', rank: 2, when: ({ soundings }) => soundings.grains === true },
    ],
    leaves: 'solution',
    purifying: 'goesOn',
    severally: true,
  },
  fields,
  vessels,
  traits: ['isolates'],
  actual: (context): GravityFiltration => eventsAt(context, 'filtered'),
  sentence: (context) => {
    const { keeps: what = 'filtrate', at, through = 'paper', rinse } = context.params;
    const rinsed = rinse === undefined ? '' : `; rinse with ${linesWords(context, [rinse])}`;
    return `Filter ${at === undefined ? '' : `${heats[at]} `}through ${media[through]}, in portions; keep ${keeps[what]}${rinsed}.`;
  },
  cautions: ({ params: { at = 'hot' } }) => (at === 'hot' ? ['Hot and flammable: no flame near, in the hood.'] : []),
  conditions: ({ at }) => (at === 'hot' ? { hot: true, warms: true } : {}),
  predict: (work, params) => filterByGravity(work, params),
  asks: (_, context) => [
    ...checks(context, setUpOf(context.params)),
    event(context, 'filtered', 'Pour in portions; keep the paper filled no further than its edge.', 'It is through'),
    ...(context.params.rinse ? measureLine(context, context.params.rinse) : []),
  ],
  check: ({ filtered }, context) => uncheckedAt(context, 'Gravity filtration', setUpOf(context.params), filtered),
  drawing: () => ({ kind: 'gravity' }),
});
