import { finding } from '../../finding/finding';
import { eventsAt, readAs, readMass, readingsAt } from '../onRecord';
import { question, measure } from '../asks';
import { netWay } from '../ways';
import { stageName } from '../stages';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  of: field.goal('The second crop'),
  first: field.stage('The first crop', { help: 'From whose liquor it comes.' }),
} satisfies Fields;

const vessels = {
  in: stays('Vessel with the liquor'),
} satisfies Slots;

export interface SecondCrop {
  readonly volume?: Worked<'volume'>;
  readonly mass?: Worked<'mass'>;
  readonly at?: string;
  readonly mixed?: Live<Happening>;
  readonly apart?: Live<Happening>;
}

/** A second crop from the concentrated mother liquor: weighed and kept apart. */
export const secondCrop = defineOperation({
  name: 'secondCrop',
  version: 1,
  title: 'Second crop',
  phase: 'purify',
  sign: 'crystals',
  told: { by: [{ by: 'secondCrop' }], leaves: 'solid' },
  fields,
  vessels,
  reads: { volume: { dim: 'volume' }, net: { dim: 'mass' } },
  actual: (context): SecondCrop => {
    const { volume, net } = readingsAt(context);
    return {
      ...(volume ? { volume: readAs(context, volume) as Worked<'volume'> } : {}),
      ...(net && readMass(context, net) ? { mass: readMass(context, net) as Worked<'mass'>, at: net.entry.at } : {}),
      ...eventsAt(context, 'mixed', 'apart'),
    };
  },
  sentence: () => 'Concentrate the mother liquor, cool, filter the second crop: keep it apart.',
  conditions: () => ({ boiling: true, hot: true, warms: true }),
  asks: (_, context) => [
    measure(context, {
      id: 'volume',
      title: 'Mother liquor, concentrated',
      ways: [
        {
          id: 'volume',
          label: 'Volume',
          slots: [{ slot: 'volume', says: 'Volume of the liquor after boiling down.', dim: 'volume', unit: 'mL' }],
        },
      ],
    }),
    measure(context, { id: 'net', title: stageName(context, context.params.of), ways: [netWay] }),
    question(context, 'Where did it go?', [
      { name: 'apart', button: 'Into its own vial' },
      { name: 'mixed', button: 'Into the first crop' },
    ]),
  ],
  check: ({ mixed }, { step }) => (mixed ? [finding('crop.mixed', 'caution', { step: step.id, field: 'mixed' })] : []),
  outcome: ({ mass }) => (mass ? [{ label: 'net', worked: mass }] : []),
  mass: ({ mass, at = '' }, { step, params: { of } }) => mass && { stage: of, mass, step: step.id, dry: 'unknown', at },
  drawing: () => ({ kind: 'secondCrop' }),
});
