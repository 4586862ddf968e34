import { namesAgent, isDriedOver } from '../told';
import { schoolOf } from '../../conventions/catalogue';
import { schoolWords } from '../../conventions/words';
import { event, measureLine } from '../asks';
import { eventsAt } from '../onRecord';
import { dryWith } from './predict';
import { timer } from '../timer';
import { behind } from '../vesselAt';
import { lineThen } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../../worktop/vessels';
import type { StepContext } from '../operation';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  agent: field.line('Drying agent', { role: 'drying agent' }),
  minutes: field.minutes('Time', { acts: true }),
  rinse: field.optional(field.line('Dry solvent that rinses the agent', { role: 'rinse' })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is dried in'),
  to: into('Vessel for the dried solution', 'conical flask', 'Dried solution'),
  agent: away('Spent drying agent', 'Drying agent'),
} satisfies Slots;

export interface DryingLiquid {
  readonly begun?: Live<Happening>;
  readonly dry?: Live<Happening>;
  readonly filtered?: Live<Happening>;
}

const said = ({ bench: { doc } }: StepContext, id: 'dryLiquid' | 'takingOff', usual: string) =>
  schoolWords(doc.conventions, id, usual);

/** Drying an organic liquid: dose, swirl, look, add more; then off the agent, which is rinsed. */
export const dryingLiquid = defineOperation({
  name: 'dryingLiquid',
  version: 1,
  title: 'Drying the organic layer',
  phase: 'workUp',
  sign: 'grains',
  told: {
    by: [
      { by: 'dry' },
      { by: 'dry', rank: 9, when: (said) => namesAgent(said) && !/oven|desiccator/.test(said.text) },
      { by: 'add', rank: 9, when: isDriedOver },
      { by: 'addDropwise', rank: 9, when: isDriedOver },
    ],
    leaves: 'solution',
    grains: true,
    still: 'ends',
    severally: true,
  },
  fields,
  vessels,
  absorbs: ['gravityFiltration'],
  traits: ['isolates'],
  actual: (context): DryingLiquid => eventsAt(context, 'begun', 'dry', 'filtered'),
  sentence: (context) =>
    `Add ${lineThen(context, context.params.agent)}${behind(context, 'to')}; more until it stays loose. Swirl, wait, look.`,
  cautions: () => ['Separate or pipette off visible drops of water first: an agent is for what is dissolved.'],
  predict: (work, params) => dryWith(work, params),
  asks: (_, context) => [
    ...measureLine(context, context.params.agent),
    event(context, 'begun', 'Swirl, then let it stand.', 'It stands'),
    event(
      context,
      'dry',
      said(context, 'dryLiquid', 'Clear, and the grains move free? All clumped means: add more.'),
      schoolOf(context.bench.doc.conventions, 'dryLiquid') === 'both' ? 'Clear and loose' : 'It is dry',
    ),
    event(context, 'filtered', said(context, 'takingOff', 'Filter, plug or decant into a dry flask.'), 'Off the agent'),
    ...(context.params.rinse ? measureLine(context, context.params.rinse) : []),
  ],
  timers: ({ begun: from, dry: to }, context) =>
    timer(context, {
      label: 'Over drying agent',
      then: 'Look: clear, and loose?',
      minutes: context.params.minutes,
      from,
      to,
    }),
  drawing: () => ({ kind: 'dryingAgent' }),
});
