import {
  portionsWords,
  openFirst,
  shakingAsks,
  shakingCautions,
  shakingFindings,
  shakingOf,
  readShaking,
} from '../shaking/shaking';
import { washLayer } from './predict';
import { defineOperation } from '../declare/defineOperation';
import { away, stays } from '../declare/vessels';
import { shakingFields } from '../shaking/types';
import type { Slots } from '../declare/vessels';

const vessels = {
  in: stays('Vessel that is washed in', 'separatory funnel'),
  waste: away('Vessel for the washes'),
} satisfies Slots;

/** Pulling impurities out of the product's layer: what stays is kept. */
export const wash = defineOperation({
  name: 'wash',
  version: 1,
  title: 'Wash',
  phase: 'workUp',
  sign: 'funnel',
  fields: { ...shakingFields, line: { ...shakingFields.line, role: 'wash' } },
  vessels,
  traits: ['isolates', 'separates'],
  readEntry: readShaking,
  actual: shakingOf,
  sentence: (context) =>
    `Wash${portionsWords(context)}; keep the organic layer, which should be the ${context.params.organic} one.`,
  cautions: (context) => [...openFirst(context), ...shakingCautions],
  conditions: () => ({ shakes: true }),
  predict: (work, params) => washLayer(work, params),
  asks: (_, context) =>
    shakingAsks(context, 'Separate. The organic layer stays, the wash goes into its labelled flask.'),
  check: (actual, context) => shakingFindings(actual, context, 'Wash'),
  drawing: (_, { params: { organic } }) => ({ kind: 'funnel', organic }),
});
