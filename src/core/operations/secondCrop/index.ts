import { finding } from '../../finding/finding';
import { eventsAt, readAs, readMass, readingsAt } from '../onRecord';
import { event, measure } from '../asks';
import { idParam, params } from '../params';
import { netWay } from '../ways';
import { stageName } from '../stages';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';
import type { Worked } from '../../quantity/worked';

export interface SecondCropParams {
  /** The second crop. */
  readonly of: string;
  /** The first, from whose liquor it comes. */
  readonly first: string;
}

export interface SecondCrop {
  readonly volume?: Worked<'volume'>;
  readonly mass?: Worked<'mass'>;
  readonly at?: string;
  readonly mixed?: Live<Happening>;
  readonly apart?: Live<Happening>;
}

/** A second crop from the concentrated mother liquor: weighed and kept apart. */
export const secondCrop: Operation<SecondCropParams, SecondCrop> = {
  name: 'secondCrop',
  version: 1,
  title: 'Second crop',
  params: params({ of: idParam().required(), first: idParam().required() }),
  refs: ({ of, first }) => ({ stages: [of, first] }),
  actual: (context) => {
    const { volume, net } = readingsAt(context);
    return {
      ...(volume ? { volume: readAs(context, volume) as Worked<'volume'> } : {}),
      ...(net && readMass(context, net) ? { mass: readMass(context, net) as Worked<'mass'>, at: net.entry.at } : {}),
      ...eventsAt(context, 'mixed', 'apart'),
    };
  },
  sentence: () => 'Concentrate the mother liquor, cool, filter the second crop: keep it apart.',
  conditions: () => ({ boiling: true, hot: true, warms: true }),
  asks: ({ mixed, apart }, context) => [
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
    {
      ...event(context, 'apart', 'Where did it go?', 'Into its own vial'),
      or: [{ name: 'mixed', button: 'Into the first crop' }],
      done: mixed !== undefined || apart !== undefined,
    },
  ],
  check: ({ mixed }, { step }) => (mixed ? [finding('crop.mixed', 'caution', { step: step.id, field: 'mixed' })] : []),
  outcome: ({ mass }) => (mass ? [{ label: 'net', worked: mass }] : []),
  mass: ({ mass, at = '' }, { step, params: { of } }) => mass && { stage: of, mass, step: step.id, dry: 'unknown', at },
};
