import { isShakenOut } from '../told';
import { measureLine } from '../asks';
import { shakeOut } from './predict';
import {
  portionsWords,
  openFirst,
  shakingAsks,
  shakingCautions,
  shakingFindings,
  shakingOf,
  readShaking,
} from '../shaking/shaking';
import { behind } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from, into } from '../../worktop/vessels';
import { shakingFields } from '../shaking/types';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  ...shakingFields,
  line: { ...shakingFields.line, role: 'extractant' },
  first: field.optional(field.many(field.line('Added to the funnel before', { role: 'aid' }), [0, 5])),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is extracted from', 'separatory funnel'),
  to: into('Vessel for the extracts', 'conical flask', 'Extracts'),
  aside: away('Vessel for what is left behind', 'Left in the funnel'),
} satisfies Slots;

/** Pulling the product out of a layer: the extracts are kept. */
export const extraction = defineOperation({
  name: 'extraction',
  version: 1,
  title: 'Extraction',
  phase: 'workUp',
  sign: 'funnel',
  told: {
    by: [
      { by: 'extract' },
      { by: 'add', rank: 1, when: isShakenOut },
      { by: 'addDropwise', rank: 1, when: isShakenOut },
      { by: 'shakeVial', rank: 1, when: isShakenOut },
      // What is shaken after a funnel was parted is that funnel.
      { by: 'shakeVial', rank: 2, goesOn: true, when: ({ soundings }) => soundings.parted === true },
    ],
    leaves: 'solution',
    still: 'ends',
    severally: true,
  },
  fields,
  vessels,
  traits: ['isolates', 'separates'],
  readEntry: readShaking,
  actual: shakingOf,
  sentence: (context) =>
    `Extract what is${behind(context, 'in') || ' there'}${portionsWords(context)}; the organic layer should be the ${context.params.organic} one.`,
  cautions: (context) => ['Keep every extract.', ...openFirst(context), ...shakingCautions],
  conditions: ({ organic }) => ({ shakes: true, organic }),
  moments: (work, params) => shakeOut(work, params),
  asks: (_, context) => [
    ...(context.params.first ?? []).flatMap((line) => measureLine(context, line)),
    ...shakingAsks(context, 'Drain the lower layer, pour the upper one out of the top; combine the extracts.', 'to'),
  ],
  check: (actual, context) => shakingFindings(actual, context, 'Extraction'),
  drawing: (_, { params: { organic } }) => ({ kind: 'funnel', organic }),
});
