import { durationOf } from '../duration';
import { event } from '../asks';
import { eventsAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { timer } from '../timer';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  minutes: field.minutes('Time', { acts: true, usual: 5, help: 'Wait as long before the next remedy.' }),
} satisfies Fields;

const vessels = {
  in: stays('Flask'),
} satisfies Slots;

export interface Induction {
  readonly begun?: Live<Happening>;
  readonly started?: Live<Happening>;
  readonly bulk?: Live<Happening>;
}

/** A reaction that must start before more is added: wait, and go up the ladder of remedies. */
export const induction = defineOperation({
  name: 'induction',
  version: 1,
  title: 'Waiting for the start',
  phase: 'react',
  sign: 'flask',
  told: { by: [{ by: 'induction' }] },
  fields,
  vessels,
  actual: (context): Induction => eventsAt(context, 'begun', 'started', 'bulk'),
  sentence: () => 'Wait until it starts: cloudy, warm, boiling without heat. Nothing more goes in before.',
  cautions: () => [
    'Never add the bulk before the start is seen: what has gathered can run away. At most about a tenth is in.',
    'Have ice ready before it starts. No start: call the demonstrator.',
  ],
  conditions: () => ({ starts: true }),
  predict: () => undefined,
  asks: (_, context) => [
    event(context, 'begun', 'The first small portion is in.', 'Waiting'),
    event(
      context,
      'started',
      'Add nothing more. In this order: wait; warm by hand; scratch or crush the metal; a crystal of activator; heat carefully and briefly, ice at hand. No start: call the demonstrator.',
      'It has started',
    ),
    event(context, 'bulk', 'Now the rest may follow, slowly.', 'Going on'),
  ],
  outcome: ({ begun, started }) => {
    const worked = durationOf(begun, started);
    return worked ? [{ label: 'to the start', worked }] : [];
  },
  timers: ({ begun: from, started: to }, context) =>
    timer(context, { label: 'Waiting for the start', then: 'Next remedy', minutes: context.params.minutes, from, to }),
  check: ({ started, bulk }, { step }) =>
    bulk && !started ? [finding('induction.early', 'stop', { step: step.id, field: 'bulk' })] : [],
  drawing: () => ({ kind: 'start', waits: true }),
});
