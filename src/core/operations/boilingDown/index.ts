import { boilDown } from './predict';
import { checks, event, measure } from '../asks';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { format } from '../../quantity/format';
import { scaleOf } from '../../plan/scaleOf';
import { schoolWords } from '../../conventions/words';
import { uncheckedAt } from '../unchecked';
import { vesselAt } from '../vesselAt';
import { volumeWay } from '../ways';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { away, stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Conditions } from '../conditions';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const ways = { open: 'open, into the hood', still: 'through a condenser, the solvent collected' } as const;

const fields = {
  to_mL: field.number('Down to', 'mL', [0.1, 5000], {
    usual: 20,
    help: 'At the scale at which the sheet is written; it grows with it.',
  }),
  way: field.choice('How', ways),
  of: field.optional(field.goal('Stage that it is done for')),
  ...heats,
} satisfies Fields;

const vessels = {
  in: stays('Vessel that is boiled down'),
  to: away('Receiver of the solvent', 'Solvent boiled off'),
} satisfies Slots;

type BoilingDownParams = ParamsOf<typeof fields>;

interface BoilingDown {
  readonly heatOn?: Live<Happening>;
  readonly heatOff?: Live<Happening>;
  readonly volume?: Live<Reading>;
}

const setUp = {
  aids: 'Boiling aids or stir bar are in, before any heat.',
  mark: 'The level to be reached is marked on the vessel.',
} as const;

const wantedOf = ({ bench: { charge }, params: { to_mL } }: StepContext<BoilingDownParams>) =>
  to_mL * scaleOf(charge.plan);

const conditions = ({ way, ...params }: BoilingDownParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  concentrates: true,
  ...(way === 'still' ? { distils: {} } : {}),
});

/** Boiling a solution down to a volume: what boils leaves, what is dissolved stays and may come out. */
export const boilingDown = defineOperation({
  name: 'boilingDown',
  version: 1,
  title: 'Boiling down',
  phase: 'workUp',
  sign: 'beaker',
  told: { by: [{ by: 'boilDown' }] },
  fields,
  vessels,
  reads: { volume: { dim: 'volume' } },
  traits: ['isolates'],
  actual: (context): BoilingDown => {
    const { volume } = readingsAt(context);
    return { ...eventsAt(context, 'heatOn', 'heatOff'), ...(volume ? { volume } : {}) };
  },
  sentence: (context) =>
    `Boil ${vesselAt(context, 'in', 'solution')} down to about ${format({ dim: 'volume', value: wantedOf(context) }, 'mL', { figures: 2 })}, ${ways[context.params.way]}.`,
  conditions,
  equipment: heatingWords,
  cautions: () => ['Never to dryness. Towards the end it bumps: less heat.'],
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  predict: (work, params) => boilDown(work, params),
  asks: (_, context) => [
    ...checks(context, { ...setUp, aids: schoolWords(context.bench.doc.conventions, 'boiling', setUp.aids) }),
    event(context, 'heatOn', 'Turn the heat on.', 'Heat is on'),
    event(context, 'heatOff', 'At the mark: heat off.', 'Heat is off'),
    measure(context, {
      id: 'volume',
      title: 'Volume that is left',
      ways: [volumeWay],
      window: { dim: 'volume', unit: 'mL', aim: wantedOf(context), figures: 2 },
    }),
  ],
  outcome: ({ volume }, context) => (volume ? [{ label: 'left', worked: readAs(context, volume) }] : []),
  check: ({ heatOn }, context) => uncheckedAt(context, 'Boiling down', setUp, heatOn),
  drawing: () => ({ kind: 'boilingDown' }),
});
