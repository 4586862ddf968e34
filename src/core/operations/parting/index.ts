import { checks, event } from '../asks';
import { eventAt, eventsAt } from '../onRecord';
import { finding } from '../../finding/finding';
import { layerAsk } from '../shaking/shaking';
import { partLayers } from './predict';
import { stageOf } from '../stages';
import { inSentence } from '../../document/inSentence';
import { vesselAt } from '../vesselAt';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { away, from } from '../../worktop/vessels';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const layers = { organic: 'the organic layer', aqueous: 'the water layer' } as const;
const tools = { stopcock: 'through the stopcock', pipette: 'with a pipette', decanting: 'by decanting' } as const;
const places = { upper: 'upper', lower: 'lower' } as const;

const fields = {
  keep: field.choice('What is kept', layers),
  organic: field.choice('Where the organic layer is expected', places),
  by: field.choice('Parted', tools),
  of: field.optional(field.goal('Stage that it is done for')),
} satisfies Fields;

const vessels = {
  in: from('Vessel with the two layers', 'separatory funnel'),
  to: {
    label: 'Vessel for what is kept',
    comes: 'either',
    leaves: 'filled',
    holds: 'product',
  },
  aside: away('Vessel for the other layer', 'The other layer'),
} satisfies Slots;

type PartingParams = ParamsOf<typeof fields>;

interface Parting {
  readonly found?: 'upper' | 'lower';
  readonly foundAt?: Live<Happening>;
  readonly parted?: Live<Happening>;
}

const partsLayers =
  /\b(separate the (two )?(layers|phases)|(layers|phases) (are|were) separated|(run|drain|draw)\w* off the (lower|upper|organic|aqueous)[^.;]{0,20}(layer|phase))/;

/** Two layers are parted as they are: nothing is added. Which is which is tested, not remembered. */
export const parting = defineOperation({
  name: 'parting',
  version: 1,
  title: 'Parting the layers',
  phase: 'workUp',
  sign: 'funnel',
  told: {
    // Where an extraction or a wash was told, its own words part the layers.
    by: [
      {
        by: 'more',
        when: ({ text, soundings }) => partsLayers.test(text) && soundings.parted !== true && !/\bshak/.test(text),
      },
    ],
    leaves: 'solution',
    still: 'ends',
  },
  fields,
  vessels,
  traits: ['isolates', 'separates'],
  actual: (context): Parting => {
    const upper = eventAt(context, 'upper');
    const lower = eventAt(context, 'lower');
    const foundAt = upper ?? lower;
    return {
      ...eventsAt(context, 'parted'),
      ...(foundAt ? { foundAt, found: upper ? 'upper' : 'lower' } : {}),
    };
  },
  sentence: (context) => {
    const { keep, by } = context.params;
    const stays = context.step.uses?.['to'] === undefined;
    return `Part the layers in ${vesselAt(context, 'in', 'funnel')} ${tools[by]}; ${layers[keep]} ${stays ? 'stays' : `goes into ${vesselAt(context, 'to', 'flask')}`}.`;
  },
  cautions: () => ['Stopper out before draining. Nothing is discarded until the product is weighed.'],
  moments: (work, params) => partLayers(work, params),
  conditions: ({ organic }) => ({ organic }),
  asks: ({ found }, context) => [
    ...checks(context, { settled: 'Both layers are clear and the line between them is sharp.' }),
    layerAsk(context),
    event(context, 'parted', partSays(context, found), 'Parted and labelled'),
  ],
  check: ({ found }, { step, params: { organic } }) =>
    found !== undefined && found !== organic
      ? [finding('layers.other', 'caution', { step: step.id, field: 'layers' }, { found, expected: organic })]
      : [],
  drawing: (_, { params: { organic } }) => ({ kind: 'funnel', organic }),
});

/** Which layer runs off and which is kept, as far as it is known: what was found counts, not what was expected. */
function partSays(context: StepContext<PartingParams>, found: Parting['found']): string {
  const { keep, by, organic, of } = context.params;
  const where = found ?? organic;
  const kept = (keep === 'organic') === (where === 'upper') ? 'upper' : 'lower';
  const stage = of === undefined ? undefined : stageOf(context.bench, of);
  const what = stage === undefined ? '' : ` (${inSentence(stage.name)})`;
  if (by === 'stopcock')
    return kept === 'lower'
      ? `Drain the lower layer${what}: keep it. Pour the upper one out of the top.`
      : `Drain the lower layer aside; the upper one${what} is kept and leaves by the top.`;
  return `Take the ${kept === 'lower' ? 'upper' : 'lower'} layer off ${tools[by]}; the ${kept} one${what} is kept.`;
}
