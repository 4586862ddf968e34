import { checks, event } from '../asks';
import { eventsAt } from '../onRecord';
import { stageName } from '../stages';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is put away'),
  how: field.text('How', 120, { help: 'Such as “stoppered, in the cold”.' }),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
} satisfies Slots;

/** Putting something away, labelled, until the next period. */
export const storing = defineOperation({
  name: 'storing',
  version: 1,
  title: 'Storing',
  phase: 'store',
  sign: 'vial',
  told: { by: [{ by: 'store' }] },
  fields,
  vessels,
  actual: (context): { readonly stored?: Live<Happening> } => eventsAt(context, 'stored'),
  conditions: () => ({ keeps: true }),
  sentence: (context) => `Put the ${stageName(context, context.params.of)} away: ${context.params.how}.`,
  predict: () => undefined,
  asks: (_, context) => [
    ...checks(context, {
      label: 'The label says what it is, bench, date, tare and gross, hazards, and the next step.',
    }),
    event(context, 'stored', 'It stands in its place.', 'Put away'),
  ],
  drawing: () => ({ kind: 'vial', shaken: false }),
});
