import { array, number } from 'yup';
import { checks, event, measure } from '../asks';
import { celsiusParam, idParam, params } from '../params';
import { eventsAt, nextRound, roundsAt } from '../onRecord';
import { headWindow } from '../headWindow';
import { fractionate } from './predict';
import { uncheckedAt } from '../unchecked';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface FractionationParams {
  /** Substances of the pair. */
  readonly lighter: string;
  readonly heavier: string;
  /** Head temperatures at which the receiver is changed, ascending, °C. */
  readonly limits_C: readonly number[];
  /** Ideal stages, the pot being one. */
  readonly stages: number;
  readonly reflux: number;
}

export interface Fractionation {
  readonly heads: readonly Live<Reading>[];
  readonly heatOn?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

const setUp = {
  half: 'The flask is at most half full; fresh boiling aids are in; no flame near.',
  bulb: 'The top of the bulb stands level with the lower edge of the side-arm opening.',
  open: 'All joints are snug and clipped; the system is open at the receiver.',
  receivers: 'The receivers are numbered, in order.',
} as const;

/** Fractional (or simple) distillation of two liquids: head temperature against volume, receivers changed at limits. */
export const fractionation: Operation<FractionationParams, Fractionation> = {
  name: 'fractionation',
  version: 1,
  title: 'Distillation in cuts',
  params: params({
    lighter: idParam().required(),
    heavier: idParam().required(),
    limits_C: array(celsiusParam().required())
      .min(1, 'must have at least 1 limit')
      .max(6, 'must have at most 6 limits')
      .required(),
    stages: number()
      .integer('must be a whole number')
      .min(1, 'must be at least 1')
      .max(30, 'must be at most 30')
      .required(),
    reflux: number().min(0, 'must be at least 0').max(100, 'must be at most 100').required(),
  }),
  refs: ({ lighter, heavier }) => ({ substances: [lighter, heavier] }),
  actual: (context) => ({ ...eventsAt(context, 'heatOn', 'ended'), heads: roundsAt(context, 'head') }),
  sentence: (context) => {
    const { limits_C, heavier } = context.params;
    const { at, because } = headWindow(context, heavier);
    const here = because === undefined ? '' : ` (here, ${because}, about ${limits_C.map(at).join(' and ')}\u202f°C)`;
    return `Distil slowly; change the receiver at ${limits_C.join(' and ')}\u202f°C${here}.`;
  },
  conditions: () => ({ boiling: true, bumps: true, hot: true, warms: true, distils: {} }),
  cautions: () => ['Never to dryness. Receivers stand at room temperature: what freezes must not block them.'],
  isolates: true,
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  predict: (work, params) => fractionate(work, params),
  asks: (_, context) =>
    [
      ...checks(context, setUp),
      event(context, 'heatOn', 'Turn the heat on.', 'Heat is on'),
      {
        ...measure(context, {
          id: 'head',
          title: 'Head temperature and volume',
          about: { round: nextRound(context, 'head') },
          ways: [
            {
              id: 'head',
              label: 'Head and volume',
              slots: [
                { slot: 'head', says: 'Every 2 mL: head temperature.', dim: 'temperature', unit: '°C' },
                { slot: 'volume', says: 'Volume collected so far.', dim: 'volume', unit: 'mL' },
              ],
            },
          ],
          close: { name: 'ended', button: 'Heat off, pot not dry' },
        }),
      },
    ].map((ask) => (ask.id === 'head' ? { ...ask, done: context.bench.record.some(isEnd(context.step.id)) } : ask)),
  check: ({ heatOn }, context) => uncheckedAt(context, 'Distillation', setUp, heatOn),
};

const isEnd =
  (step: string) =>
  ({ status, body }: Live) =>
    status === 'live' && body.k === 'event' && body.step === step && body.name === 'ended';
