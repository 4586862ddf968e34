import { number } from 'yup';
import { checks, event, lineAt, measure, measureLine } from '../asks';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { idParam, params } from '../params';
import { distillateFor } from './distillateFor';
import { format } from '../../quantity/format';
import { steamOver } from './predict';
import { uncheckedAt } from '../unchecked';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation, StepContext } from '../operation';

export interface SteamDistillationParams {
  readonly of: string;
  /** Line of the material. */
  readonly material: string;
  /** Water that is topped up. */
  readonly topUp?: string;
  readonly distillate_mL: number;
}

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
  const plan = lineAt(context, context.params.material)?.plan;
  return distillateFor(context.params.distillate_mL, plan?.facts.line, plan?.portion.mass?.q.value);
}

/** Steam distillation from water: oil and water come over together below 100 °C. */
export const steamDistillation: Operation<SteamDistillationParams, SteamDistillation> = {
  name: 'steamDistillation',
  version: 1,
  title: 'Steam distillation',
  params: params({
    of: idParam().required(),
    material: idParam().required(),
    topUp: idParam(),
    distillate_mL: number().min(1, 'must be at least 1').max(5000, 'must be at most 5000').required(),
  }),
  refs: ({ of, material, topUp }) => ({ lines: [material, topUp], stages: [of] }),
  without: ({ topUp, ...params }, line) =>
    line === params.material ? undefined : { ...params, ...(topUp === undefined || topUp === line ? {} : { topUp }) },
  actual: (context) => {
    const { volume } = readingsAt(context);
    return { ...eventsAt(context, 'heatOn', 'firstDrop', 'clear'), ...(volume ? { volume } : {}) };
  },
  sentence: (context) =>
    `Distil about ${format({ dim: 'volume', value: wantedOf(context) }, 'mL', { figures: 3 })} with the steam; top up with water, never dry.`,
  conditions: () => ({ boiling: true, bumps: true, hot: true, warms: true, distils: { vapour_C: 100 }, steam: true }),
  cautions: () => [
    'With a live steam line: open the vent before the heat goes off, or it sucks back.',
    'Steam scalds.',
  ],
  isolates: true,
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
};
