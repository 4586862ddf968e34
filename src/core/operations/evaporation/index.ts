import { worksIn } from '../../worktop/transfer';
import { isMass } from '../../readings/measured';
import { event, measure } from '../asks';
import { eventsAt, nextRound, readAs, roundsAt } from '../onRecord';
import { boilsAway } from '../../worktop/volatile';
import { liquidsOf } from '../../worktop/react';
import { massFindings, stageName } from '../stages';
import { without } from '../../worktop/matter/matter';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is left behind'),
  days: field.number('Stands', 'days', [0.1, 60], { acts: true, usual: 3 }),
} satisfies Fields;

const vessels = {
  in: stays('Dish', 'dish'),
} satisfies Slots;

export interface Evaporation {
  readonly begun?: Live<Happening>;
  readonly done?: Live<Happening>;
  readonly last?: { readonly mass: Worked<'mass'>; readonly at: string; readonly round: number };
}

// What boils up to here dries up in days.
const inDays_C = 130;

const leavesSlowly = /\b(days?|dish|slowly|air|hood|cupboard|overnight|open)\b/;

/** Crystals from an open dish, by slow evaporation: days to weeks, the mass over time. */
export const evaporation = defineOperation({
  name: 'evaporation',
  version: 1,
  title: 'Slow evaporation',
  phase: 'workUp',
  sign: 'dish',
  told: {
    by: [
      { by: 'evaporateDays' },
      {
        by: 'evaporateOff',
        rank: 2,
        when: ({ text, sentence }) => leavesSlowly.test(text) && !/rotary|reduced|vacuo|distil/.test(sentence),
      },
    ],
  },
  fields,
  vessels,
  reads: { net: { dim: 'mass', per: 'round' } },
  traits: ['isolates'],
  actual: (context): Evaporation => {
    const last = roundsAt(context, 'net')
      .filter((one) => isMass(one))
      .at(-1);
    return {
      ...eventsAt(context, 'begun', 'done'),
      ...(last
        ? {
            last: {
              mass: readAs(context, last) as Worked<'mass'>,
              at: last.entry.at,
              round: last.body.place.round ?? 1,
            },
          }
        : {}),
    };
  },
  conditions: () => ({ concentrates: true, keeps: true }),
  sentence: ({ params: { days } }) =>
    `Let it stand open, covered against dust, about ${days} days; weigh it now and then.`,
  predict: (work) => {
    const place = worksIn(work);
    const id = work.stage?.substance ?? '';
    const liquid = liquidsOf(work, place);
    const stays = { [id]: liquid[id] ?? 0 };
    const solids = Object.fromEntries(
      Object.entries(without(liquid, stays)).filter(([one]) => !boilsAway(work.world.kind(one), inDays_C)),
    );
    const vapour = without(without(liquid, stays), solids);
    work.rearrange(place, { solid: work.whole(place) });
    work.leave('air', work.take(place, 'solid', vapour));
  },
  asks: ({ last, done }, context) => [
    event(context, 'begun', 'Put the dish in its place.', 'It stands'),
    {
      ...measure(context, {
        id: 'net',
        title: last ? 'Weigh again' : 'First weighing',
        about: { round: nextRound(context, 'net') },
        ways: [
          {
            id: 'net',
            label: 'Net mass',
            slots: [
              {
                slot: 'net',
                says: `Net mass of the ${stageName(context, context.params.of)}.`,
                dim: 'mass',
                unit: 'g',
              },
            ],
          },
        ],
        ...(last ? { close: { name: 'done', button: 'No liquid is left' } } : {}),
      }),
      done: last !== undefined && done !== undefined,
    },
  ],
  check: ({ last }, context) =>
    last
      ? massFindings(context, context.params.of, last.mass, { step: context.step.id, slot: 'net', round: last.round })
      : [],
  mass: ({ last, done }, { step, params: { of } }) =>
    last && { stage: of, mass: last.mass, step: step.id, dry: done ? 'looks' : 'unknown', at: last.at },
  drawing: () => ({ kind: 'dish' }),
});
