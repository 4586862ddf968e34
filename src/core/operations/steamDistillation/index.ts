import { checks, event, lineAt, measure, measureLine } from '../asks';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { distillateFor } from './distillateFor';
import { format } from '../../quantity/format';
import { scaleOf } from '../../plan/scaleOf';
import { steamOver } from './predict';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { heated, heatingWords, condenses } from '../heating';
import { into, stays } from '../../worktop/vessels';
import { still } from '../drawing';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';
import type { Conditions } from '../conditions';

const fields = {
  of: field.goal('What goes over'),
  material: field.optional(
    field.line('Material', { role: 'material', help: 'That holds it. Left out: what is in the pot comes over.' }),
  ),
  topUp: field.optional(field.line('Water that is topped up')),
  distillate_mL: field.number('Distillate', 'mL', [1, 5000], { usual: 50 }),
  ...condenses,
} satisfies Fields;

const vessels = {
  in: stays('Pot', 'distillation flask'),
  to: into('Receiver', 'receiver', 'Distillate'),
} satisfies Slots;

export type SteamDistillationParams = ParamsOf<typeof fields>;

export interface SteamDistillation {
  readonly heatOn?: Live<Happening>;
  readonly firstDrop?: Live<Happening>;
  readonly clear?: Live<Happening>;
  readonly volume?: Live<Reading>;
}

const setUp = {
  half: 'The flask is at most half full: plant material foams.',
  aids: 'Boiling aids are in, before any heat.',
  open: 'The system is open at the receiver; water runs through the condenser.',
} as const;

function wantedOf(context: StepContext<SteamDistillationParams>): number {
  const { material, distillate_mL } = context.params;
  if (material === undefined) return distillate_mL * scaleOf(context.bench.charge.plan);
  const plan = lineAt(context, material)?.plan;
  return distillateFor(distillate_mL, plan?.facts.line, plan?.portion.mass?.q.value);
}

const conditions = (params: SteamDistillationParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  distils: { vapour_C: 100 },
  steam: true,
});

/** Steam distillation from water: oil and water come over together below 100 °C. */
export const steamDistillation = defineOperation({
  name: 'steamDistillation',
  version: 1,
  title: 'Steam distillation',
  phase: 'isolate',
  sign: 'still',
  told: {
    by: [
      { by: 'steam' },
      {
        by: 'collectFraction',
        rank: 3,
        goesOn: true,
        when: ({ soundings }) => soundings.still === 'steamDistillation',
      },
      { by: 'distil', rank: 1, goesOn: true, when: ({ soundings }) => soundings.still === 'steamDistillation' },
    ],
    still: 'begins',
  },
  fields,
  vessels,
  reads: { volume: { dim: 'volume' } },
  traits: ['isolates'],
  actual: (context): SteamDistillation => {
    const { volume } = readingsAt(context);
    return { ...eventsAt(context, 'heatOn', 'firstDrop', 'clear'), ...(volume ? { volume } : {}) };
  },
  sentence: (context) =>
    `Distil about ${format({ dim: 'volume', value: wantedOf(context) }, 'mL', { figures: 3 })} with the steam; top up with water, never dry.`,
  conditions,
  equipment: heatingWords,
  cautions: () => [
    'With a live steam line: open the vent before the heat goes off, or it sucks back.',
    'Steam scalds.',
  ],
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  predict: (work, params) => steamOver(work, params),
  asks: (_, context) => [
    ...checks(context, setUp),
    event(context, 'heatOn', 'Turn the heat on; swirl the foam down.', 'Heat is on'),
    event(context, 'firstDrop', 'Milky drops come over.', 'First drop'),
    ...(context.params.topUp ? measureLine(context, context.params.topUp) : []),
    event(
      context,
      'clear',
      'When the distillate runs clear of oil, or the volume is reached: heat off.',
      'Heat is off',
    ),
    measure(context, {
      id: 'volume',
      title: 'Distillate',
      ways: [
        {
          id: 'volume',
          label: 'Volume',
          slots: [{ slot: 'volume', says: 'Volume of the distillate.', dim: 'volume', unit: 'mL' }],
        },
      ],
      window: { dim: 'volume', unit: 'mL', aim: wantedOf(context), figures: 3 },
    }),
  ],
  check: ({ heatOn }, context) => uncheckedAt(context, 'Steam distillation', setUp, heatOn),
  outcome: ({ volume }, context) => (volume ? [{ label: 'distillate', worked: readAs(context, volume) }] : []),
  drawing: (_, { bench, params }) => still(bench.doc, conditions(params)),
});
