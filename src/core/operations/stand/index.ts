import { isOvernight } from '../told';
import { giveUpInto } from '../../worktop/giveUp';
import { worksIn } from '../../worktop/transfer';
import { checks, question, event } from '../asks';
import { crystallize } from '../../worktop/crystallize';
import { defineOperation } from '../declare/defineOperation';
import { durationOf } from '../duration';
import { eventsAt, secondsBetween } from '../onRecord';
import { finding } from '../../finding/finding';
import { shortShare } from '../numbers';
import { react } from '../../worktop/react';
import { room_C } from '../../worktop/matter/shelf';
import { spanWords } from '../../quantity/spanWords';
import { timer } from '../timer';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Fields } from '../declare/fields';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Slots } from '../../worktop/vessels';

const places = { bench: 'on the bench', refrigerator: 'in the refrigerator' } as const;
const covers = { stoppered: 'stoppered', loosely: 'loosely covered' } as const;

/** From here on it is kept, not only left for a while. */
const longStand_h = 8;

const fields = {
  hours: field.number('Stands', 'h', [0.1, 1344], { acts: true, usual: 24, help: 'At most eight weeks.' }),
  where: field.choice('Where', places),
  cover: field.choice('Closed', covers, { help: 'Loosely while gas may still form.' }),
  look: field.optional(field.text('What to look for', 80, { help: 'Such as “crystals on the wall”.' })),
  reaction: field.optional(field.flag('The reaction goes on meanwhile')),
  material: field.optional(field.line('Material that gives up its content', { role: 'material', inside: true })),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that stands'),
} satisfies Slots;

interface Stood {
  readonly begun?: Live<Happening>;
  readonly seen?: Live<Happening>;
  readonly unseen?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

// What a refrigerator keeps, °C.
const refrigerator_C = 5;

/** Standing, unstirred, for hours to weeks, on the bench or in the refrigerator, until somebody looks at it. */
export const stand = defineOperation({
  name: 'stand',
  version: 1,
  title: 'Standing',
  phase: 'store',
  sign: 'flask',
  told: {
    by: [{ by: 'stand', rank: 2, when: (said) => isOvernight(said) || (said.minutes ?? 60) >= 60 }],
  },
  fields,
  vessels,
  traits: ({ reaction }) => (reaction ? ['reacts'] : []),
  actual: (context): Stood => eventsAt(context, 'begun', 'seen', 'unseen', 'ended'),
  sentence: ({ params: { hours, where, cover } }) =>
    `Let it stand ${places[where]} for about ${spanWords(hours * 3600)}, ${covers[cover]}, not stirred.`,
  conditions: ({ where, hours }) => ({
    ...(where === 'refrigerator' ? { coldStore: true } : {}),
    ...(hours >= longStand_h ? { keeps: true } : {}),
  }),
  predict: (work, { where, reaction, material }) => {
    const place = worksIn(work);
    const at_C = where === 'refrigerator' ? refrigerator_C : room_C;
    if (material !== undefined) giveUpInto(work, place, material);
    if (reaction) {
      work.temperature(place, at_C);
      react(work, place);
    }
    crystallize(work, place, at_C);
  },
  asks: (_, context) => [
    ...checks(context, { label: 'The label says what it is, bench, date, hazards, and the next step.' }),
    event(context, 'begun', `Put it ${places[context.params.where]}, where nobody moves it.`, 'It stands'),
    ...(context.params.look === undefined
      ? []
      : [
          question(context, `Look, without moving it: ${context.params.look}?`, [
            { name: 'seen', button: 'Seen' },
            { name: 'unseen', button: 'Not seen' },
          ]),
        ]),
    event(context, 'ended', 'When the time is over, take it back.', 'Taken back'),
  ],
  outcome: ({ begun, ended }) => {
    const worked = durationOf(begun, ended, 'h');
    return worked ? [{ label: 'stood', worked }] : [];
  },
  timers: ({ begun: from, ended: to }, context) =>
    timer(context, { label: 'Standing', then: 'Look at it', minutes: context.params.hours * 60, from, to }),
  check: ({ begun, seen, unseen, ended }, context) => {
    const { hours, look = '' } = context.params;
    const about = { step: context.step.id };
    const seconds = begun && ended && secondsBetween(begun, ended);
    return [
      ...(seconds !== undefined && seconds < shortShare * hours * 3600
        ? [finding('stand.short', 'note', about, { time: spanWords(seconds), planned: spanWords(hours * 3600) })]
        : []),
      ...(unseen && !seen ? [finding('stand.unseen', 'note', { ...about, field: 'look' }, { look })] : []),
    ];
  },
  drawing: (_, { params: { where, cover } }) => ({ kind: 'standing', where, stoppered: cover === 'stoppered' }),
});
