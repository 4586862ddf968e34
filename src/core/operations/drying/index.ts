import { isOfSolid } from '../told';
import { worksIn } from '../../worktop/transfer';
import { isMass } from '../../readings/measured';
import { schoolOf } from '../../conventions/catalogue';
import { finding } from '../../finding/finding';
import { event, measure } from '../asks';
import { eventsAt, nextRound, readAs, roundsAt } from '../onRecord';
import { massFindings, stageName } from '../stages';
import { minutesFact, worked } from '../numbers';
import { seriesVerdict } from './constantMass';
import { plus, without } from '../../worktop/matter/matter';
import { liquidsOf } from '../../worktop/react';
import { defineOperation } from '../declare/defineOperation';
import * as field from '../declare/fields';
import { stays } from '../../worktop/vessels';
import type { SeriesVerdict } from './constantMass';
import type { Happening } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Finding } from '../../finding/finding';
import type { StepContext } from '../operation';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const places = { air: 'in air', pump: 'on the pump', desiccator: 'in the desiccator', oven: 'in the oven' } as const;

const fields = {
  of: field.goal('What is dried'),
  where: field.choice('Where', places),
  minutes: field.minutes('Time', { acts: true, usual: 20 }),
  further_min: field.minutes('Dry further', { help: 'Shortest further drying between two weighings.' }),
  most_C: field.celsius('At most', { usual: 50 }),
} satisfies Fields;

const vessels = {
  in: stays('Vessel'),
} satisfies Slots;

export type DryingParams = ParamsOf<typeof fields>;

export interface Weighed {
  readonly mass: Worked<'mass'>;
  readonly at: string;
  readonly round: number;
}

export interface Drying {
  readonly begun?: Live<Happening>;
  readonly series: readonly Weighed[];
  readonly verdict: SeriesVerdict;
  /** Told dry by feel and look. */
  readonly looksDry?: Live<Happening>;
}

const untils = {
  constantMass: 'to constant mass',
  feel: 'until it is dry by feel and look',
  pump: 'for the fixed time',
  overnight: 'overnight',
} as const;
type Until = keyof typeof untils;

/** Schools for which one weighing after the time is enough; how dry it is stays unknown. */
const timeDecides: ReadonlySet<Until> = new Set(['pump', 'overnight']);

const untilOf = ({ bench: { doc } }: StepContext) => schoolOf(doc.conventions, 'drySolid') as Until;

const driesByItself = /\b(oven|desiccator|air|pump|filter paper|constant (mass|weight)|suction)\b/;

/** Drying a solid, to constant mass unless the course says otherwise. */
export const drying = defineOperation({
  name: 'drying',
  version: 1,
  title: 'Drying to constant mass',
  phase: 'dryWeigh',
  sign: 'dish',
  told: {
    by: [
      { by: 'dry', rank: 1, when: (said) => isOfSolid(said) || driesByItself.test(said.text) },
      {
        by: 'evaporateOff',
        rank: 1,
        when: ({ text, soundings }) => /\bdr(y|ied)\b/.test(text) && soundings.holds === 'solid',
      },
    ],
    leaves: 'solid',
  },
  fields,
  vessels,
  reads: { net: { dim: 'mass', per: 'round' } },
  actual: (context): Drying => {
    const rounds = roundsAt(context, 'net').filter((one) => isMass(one));
    const series = rounds.map((one) => ({
      mass: readAs(context, one) as Worked<'mass'>,
      at: one.entry.at,
      round: one.body.place.round ?? 0,
    }));
    const points = rounds.map((one, i) => ({
      mass: series[i]?.mass.q.value ?? 0,
      lastDigit: 10 ** -(one.body.digits.split('.')[1]?.length ?? 0),
      at: Date.parse(one.entry.at) / 1000,
    }));
    return {
      series,
      verdict: seriesVerdict(points, context.params.further_min * 60),
      ...eventsAt(context, 'begun', 'looksDry'),
    };
  },
  sentence: (context) =>
    `Dry the ${stageName(context, context.params.of)} ${places[context.params.where]} ${untils[untilOf(context)]}, at most ${context.params.most_C}\u202f°C.`,
  predict: (work) => {
    const place = worksIn(work);
    const liquid = liquidsOf(work, place);
    // What was dissolved in it stays with the crystals.
    const vapour = Object.fromEntries(Object.entries(liquid).filter(([id]) => !work.world.kind(id).solid));
    work.rearrange(place, { liquid: vapour, solid: plus(work.phase(place, 'solid'), without(liquid, vapour)) });
    work.leave('air', work.takeAll(place, 'liquid'));
  },
  conditions: ({ where }) => (where === 'oven' ? { dries: true, hot: true, oven: true } : { dries: true }),
  cautions: () => ['Nothing wet with a flammable solvent goes into a closed oven.'],
  asks: ({ series, verdict, looksDry }, context) => [
    event(context, 'begun', 'Spread it out to dry.', 'It is drying'),
    {
      ...measure(context, {
        id: 'net',
        title: series.length === 0 ? 'First weighing' : 'Weigh again',
        about: { round: nextRound(context, 'net') },
        ways: [
          {
            id: 'net',
            label: 'Net mass',
            slots: [{ slot: 'net', says: 'Weigh it in the same way each time.', dim: 'mass', unit: 'g' }],
          },
        ],
        ...(series.length > 0 ? { close: { name: 'looksDry', button: 'Dry by feel and look' } } : {}),
      }),
      done:
        verdict === 'constant' || (series.length > 0 && (looksDry !== undefined || timeDecides.has(untilOf(context)))),
    },
  ],
  timers: ({ begun, series, verdict, looksDry }, { step, params: { minutes: first, further_min } }) => {
    const since = series.at(-1)?.at ?? begun?.entry.at;
    const ended = looksDry?.entry.at ?? (verdict === 'constant' ? series.at(-1)?.at : undefined);
    return since === undefined
      ? []
      : [
          {
            key: step.id,
            step: step.id,
            label: 'Drying',
            then: series.length === 0 ? 'Weigh it' : 'Weigh it again',
            since,
            seconds: (series.length === 0 ? first : further_min) * 60,
            ...(ended === undefined ? {} : { ended }),
          },
        ];
  },
  check: (done, context) => {
    const last = done.series.at(-1);
    if (!last) return [];
    const about = { step: context.step.id, slot: 'net', round: last.round };
    return [...massFindings(context, context.params.of, last.mass, about), ...seriesFindings(done, context)];
  },
  outcome: ({ series }) => {
    const last = series.at(-1);
    return last ? [{ label: 'last', worked: last.mass }] : [];
  },
  mass: ({ series, verdict, looksDry }, { step, params: { of } }) => {
    const last = series.at(-1);
    const dry = verdict === 'constant' ? 'constant' : looksDry ? 'looks' : 'unknown';
    return last && { stage: of, mass: last.mass, step: step.id, dry, at: last.at };
  },
  drawing: ({ series, verdict }) => ({ kind: 'weighings', series, verdict }),
});

function seriesFindings(
  { series, verdict, looksDry }: Drying,
  { step, params: { further_min } }: StepContext<DryingParams>,
): readonly Finding[] {
  const [before, after] = [series.at(-2), series.at(-1)];
  if (!before || !after) return [];
  const about = { step: step.id, slot: 'net', round: after.round };
  const args = { before: worked(before.mass), after: worked(after.mass) };
  // Still falling is what drying looks like; calling it dry is the mistake.
  if (verdict === 'falling') return looksDry ? [finding('drying.falling', 'caution', about, args)] : [];
  if (verdict === 'rising') return [finding('drying.rising', 'caution', about, args)];
  if (verdict === 'soon') {
    const seconds = (Date.parse(after.at) - Date.parse(before.at)) / 1000;
    return [
      finding('drying.soon', 'note', about, { time: minutesFact(seconds), least: minutesFact(further_min * 60) }),
    ];
  }
  return [];
}
