import { checks, event, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { driveOut } from './predict';
import { eventsAt } from '../onRecord';
import { linesWords } from '../linesWords';
import { stageName } from '../stages';
import { timer } from '../timer';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What comes out'),
  line: field.line('Liquid that drives it out', { role: 'solvent' }),
  minutes: field.minutes('Then stands', { acts: true, usual: 10 }),
  at_C: field.celsius('At', { usual: 20 }),
} satisfies Fields;

const vessels = {
  in: stays('Vessel with the solution'),
} satisfies Slots;

interface Antisolvent {
  readonly cloudy?: Live<Happening>;
  readonly added?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

/** A liquid in which the product does not dissolve is added to its solution, and drives it out. */
export const antisolvent = defineOperation({
  name: 'antisolvent',
  version: 1,
  title: 'Adding an antisolvent',
  phase: 'workUp',
  sign: 'crystals',
  told: {
    by: [
      {
        by: 'antisolvent',
        words: [
          '\\banti-?solvent\\b',
          '\\bprecipitat(?:e|ed) (?:it |the \\w+ )?(?:by (?:the )?(?:addition|adding)|with|by pouring)\\b[^.;]{0,50}\\b(?:hexane|heptane|ether|petroleum|pentane|methanol|ethanol|acetone)\\b',
        ],
      },
    ],
    leaves: 'solid',
  },
  fields,
  vessels,
  traits: ['isolates'],
  actual: (context): Antisolvent => eventsAt(context, 'cloudy', 'added', 'ended'),
  sentence: (context) =>
    `Stir in ${linesWords(context, [context.params.line])} slowly, until the ${stageName(context, context.params.of)} has come out.`,
  conditions: () => ({ stirs: true }),
  cautions: (context) => [
    ...cautionOf(context, context.params.line),
    'Slowly: what comes out at once, as an oil or a fine powder, encloses what it should leave.',
  ],
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'volume' }),
  predict: (work, params) => driveOut(work, params),
  asks: (_, context) => [
    ...measureLine(context, context.params.line),
    event(context, 'cloudy', 'Add it drop by drop until a cloud stays.', 'It stays cloudy'),
    event(context, 'added', 'Wait for the first crystals; then the rest, slowly.', 'All of it is in'),
    ...checks(context, { oil: 'It is a solid, not an oil. An oil: warm, stir, scratch, add slower.' }),
    event(context, 'ended', 'Let it stand; a drop more of the liquid makes no new cloud.', 'Nothing more comes out'),
  ],
  timers: ({ added: start, ended: to }, context) =>
    timer(context, { label: 'Coming out', then: 'Filter it off', minutes: context.params.minutes, from: start, to }),
  drawing: () => ({ kind: 'antisolvent' }),
});
