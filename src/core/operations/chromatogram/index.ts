import { schoolOf } from '../../conventions/catalogue';
import { schoolWords } from '../../conventions/words';
import { checks, measure } from '../asks';
import { readAs, readingsAt } from '../onRecord';
import { sample } from '../../worktop/sample';
import { stageName } from '../stages';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Live } from '../../record/foldRecord';
import type { Reading } from '../../record/entry';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Preparation } from '../../document/document';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('What is run'),
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is sampled'),
} satisfies Slots;

/** Whether the course reports what response factors make of the areas. */
const isCorrected = ({ conventions }: Pick<Preparation, 'conventions'>) =>
  schoolOf(conventions, 'recoveredPurity') === 'corrected';

/** Area per cent of the product, the solvent's peak left out. It is no mass fraction while response factors are not known. */
export const chromatogram = defineOperation({
  name: 'chromatogram',
  version: 1,
  title: 'Chromatogram',
  phase: 'characterize',
  sign: 'trace',
  told: { by: [{ by: 'chromatogram' }] },
  fields,
  vessels,
  reads: { area: { dim: 'fraction' } },
  actual: (context): { readonly area?: Live<Reading> } => {
    const { area } = readingsAt(context);
    return area ? { area } : {};
  },
  sentence: (context) => `Chromatogram of the ${stageName(context, context.params.of)}: leave the solvent's peak out.`,
  predict: (work) => sample(work, { low: 0.005, typical: 0.02, high: 0.05 }),
  asks: (_, context) => [
    ...checks(context, { vial: 'The number of the vial stands on the record and on the vial.' }),
    measure(context, {
      id: 'area',
      title: isCorrected(context.bench.doc) ? 'Corrected share of the product' : 'Area of the product',
      ways: [
        {
          id: 'area',
          label: 'Area per cent',
          slots: [
            {
              slot: 'area',
              says: schoolWords(
                context.bench.doc.conventions,
                'recoveredPurity',
                'Area of its peak over all areas but the solvent’s.',
              ),
              dim: 'fraction',
              unit: '%',
            },
          ],
        },
      ],
    }),
  ],
  purity: ({ area }, context) => {
    const read = area && readAs(context, area);
    return read?.q.dim === 'fraction'
      ? {
          stage: context.params.of,
          area: read as Worked<'fraction'>,
          corrected: isCorrected(context.bench.doc),
        }
      : undefined;
  },
  outcome: ({ area }, context) =>
    area
      ? [
          {
            label: isCorrected(context.bench.doc) ? 'corrected share of the product' : 'area of the product',
            worked: readAs(context, area),
          },
        ]
      : [],
  drawing: () => ({ kind: 'trace', shows: 'peaks' }),
});
