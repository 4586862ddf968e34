import { checks, event, measure } from '../asks';
import { eventsAt, nextRound, roundsAt } from '../onRecord';
import { headWindow } from '../headWindow';
import { fractionate } from './predict';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { heated, heatingWords, condenses } from '../heating';
import { from, into } from '../../worktop/vessels';
import { still } from '../drawing';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';
import type { Conditions } from '../conditions';

const fields = {
  lighter: field.substance('Lighter of the pair'),
  heavier: field.substance('Heavier of the pair'),
  limits_C: field.many(
    field.celsius('Change receivers at', { help: 'Head temperatures, ascending.', rising: true }),
    [1, 6],
  ),
  stages: field.number('Stages', '', [1, 30], { usual: 5, whole: true, help: 'Ideal stages, the pot being one.' }),
  reflux: field.number('Reflux ratio', '', [0, 100], { usual: 3 }),
  ...condenses,
} satisfies Fields;

type FractionationParams = ParamsOf<typeof fields>;

const vessels = {
  in: from('Pot', 'distillation flask'),
  cut: { ...into('Receiver of a cut', 'receiver', 'Cut {n}'), numbered: true },
} satisfies Slots;

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

const conditions = (params: FractionationParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  distils: {},
});

/** Fractional (or simple) distillation of two liquids: head temperature against volume, receivers changed at limits. */
export const fractionation = defineOperation({
  name: 'fractionation',
  version: 1,
  title: 'Distillation in cuts',
  phase: 'purify',
  sign: 'column',
  told: {
    by: [
      { by: 'fractionate' },
      { by: 'collectFraction', rank: 2, goesOn: true, when: ({ soundings }) => soundings.still === 'fractionation' },
    ],
    still: 'begins',
  },
  fields,
  vessels,
  reads: { head: { dim: 'temperature', word: 'head', per: 'round' }, volume: { dim: 'volume', per: 'round' } },
  cuts: ({ lighter, heavier, stages, reflux, limits_C }) => ({ lighter, heavier, stages, reflux, limits_C }),
  traits: ['isolates'],
  actual: (context): Fractionation => ({ ...eventsAt(context, 'heatOn', 'ended'), heads: roundsAt(context, 'head') }),
  sentence: (context) => {
    const { limits_C, heavier } = context.params;
    const { at, because } = headWindow(context, heavier);
    const here = because === undefined ? '' : ` (here, ${because}, about ${limits_C.map(at).join(' and ')}\u202f°C)`;
    return `Distil slowly; change the receiver at ${limits_C.join(' and ')}\u202f°C${here}.`;
  },
  conditions,
  equipment: heatingWords,
  cautions: () => ['Never to dryness. Receivers stand at room temperature: what freezes must not block them.'],
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
          about: { round: roundOf(context) },
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
  drawing: (_, { bench, params }) =>
    still(bench.doc, conditions(params), { packed: true, substances: [params.lighter, params.heavier] }),
});

/** Head and volume belong together: a round is open until both are read. */
function roundOf(context: StepContext): number {
  const [head, volume] = [nextRound(context, 'head'), nextRound(context, 'volume')];
  return Math.min(head, volume);
}

const isEnd =
  (step: string) =>
  ({ status, body }: Live) =>
    status === 'live' && body.k === 'event' && body.step === step && body.name === 'ended';
