import { vesselAt } from '../vesselAt';
import { worksIn } from '../../worktop/transfer';
import { checks, question, event } from '../asks';
import { eventsAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { react } from '../../worktop/react';
import { repeatingTimer, timer } from '../timer';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  minutes: field.minutes('Time', { acts: true, usual: 15 }),
  vent_min: field.minutes('Vent every', { usual: 1 }),
  gas: field.optional(field.flag('Gas forms')),
} satisfies Fields;

const vessels = {
  in: stays('Vial, tube or funnel', 'vial'),
} satisfies Slots;

export interface ClosedVial {
  readonly begun?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly leaked?: Live<Happening>;
}

const setUp = {
  headspace: 'It is at most two thirds full: it needs headspace.',
  cap: 'Cap, stopper and stopcock fit and were tried.',
} as const;

/** A closed vial shaken by hand and vented. */
export const closedVial = defineOperation({
  name: 'closedVial',
  version: 1,
  title: 'Shaken in a closed vessel',
  phase: 'react',
  sign: 'vial',
  told: { by: [{ by: 'shakeVial' }] },
  fields,
  vessels,
  traits: ['reacts'],
  actual: (context): ClosedVial => eventsAt(context, 'begun', 'ended', 'leaked'),
  sentence: (context) => {
    const { minutes, vent_min } = context.params;
    return `Close ${vesselAt(context, 'in', 'vial')} and shake for ${minutes}\u00a0min; vent every ${vent_min}\u00a0min.`;
  },
  cautions: ({ params: { gas } }) => [
    'Point it away from people when it is vented.',
    ...(gas ? ['Gas is formed: vent before the first shake, and more often at the beginning.'] : []),
  ],
  conditions: ({ vent_min }) => ({ closed: { vent_min } }),
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work) => react(work, worksIn(work)),
  asks: (_, context) => [
    ...checks(context, setUp),
    event(context, 'begun', 'Close it and shake.', 'Shaking'),
    question(context, 'When the time is over: vent, then open.', [
      { name: 'ended', button: 'Vented and open' },
      { name: 'leaked', button: 'It leaked' },
    ]),
  ],
  timers: ({ begun: from, ended, leaked }, context) => {
    const { minutes, vent_min } = context.params;
    const over = { from, to: ended ?? leaked };
    return [
      ...timer(context, { label: 'Shaking', then: 'Vent and open', minutes, ...over }),
      ...repeatingTimer(context, {
        label: `Shaken, to be vented every ${vent_min}\u00a0min`,
        then: 'Vent, the tip away from people',
        minutes: vent_min,
        again: { name: 'vented', button: 'Vented' },
        ...over,
      }),
    ];
  },
  check: ({ begun, leaked }, context) => [
    ...uncheckedAt(context, 'Closed vial', setUp, begun),
    ...(leaked ? [finding('vial.leaked', 'caution', { step: context.step.id, field: 'leaked' })] : []),
  ],
  drawing: () => ({ kind: 'vial', shaken: true }),
});
