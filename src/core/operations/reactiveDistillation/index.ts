import { massShare } from '../../worktop/foreseen';
import { worksIn } from '../../worktop/transfer';
import { schoolWords } from '../../conventions/words';
import { checks, event, temperatures } from '../asks';
import { eventsAt, roundsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { headWindow } from '../headWindow';
import { react } from '../../worktop/react';
import { temperatureWay } from '../ways';
import { takeWaterAlong } from '../../worktop/takeWaterAlong';
import { gramsOf, times } from '../../worktop/matter/matter';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import { temperatureReads } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, condenses } from '../heating';
import { away, gasTrap, stays } from '../../worktop/vessels';
import { still } from '../drawing';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';
import type { Conditions } from '../conditions';

const fields = {
  substance: field.substance('What leaves as it forms'),
  ceiling_C: field.celsius('Ceiling', { help: 'Head temperature that protects the selectivity.' }),
  of: field.optional(field.goal('Stage that it is done for')),
  ...condenses,
} satisfies Fields;

const vessels = {
  in: stays('Pot', 'distillation flask'),
  to: away('Receiver', 'Distillate'),
  trap: gasTrap,
} satisfies Slots;

export type ReactiveDistillationParams = ParamsOf<typeof fields>;

export interface ReactiveDistillation {
  readonly heatOn?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly heads: readonly Live<Reading>[];
}

const setUp = {
  aids: 'Boiling aids or stir bar are in, before any heat.',
  bulb: 'The top of the bulb stands level with the lower edge of the side-arm opening.',
  open: 'The system is open at the receiver, which is cooled.',
} as const;

const conditions = ({ ceiling_C, ...params }: ReactiveDistillationParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  distils: { vapour_C: ceiling_C },
  ceiling_C,
});

/** The product leaves as it forms: the equilibrium follows it, and a ceiling of the head keeps the rest back. */
export const reactiveDistillation = defineOperation({
  name: 'reactiveDistillation',
  version: 1,
  title: 'Distilling as it forms',
  phase: 'react',
  sign: 'still',
  told: {
    by: [
      {
        by: 'distil',
        rank: 2,
        when: ({ text }) => /\bas it (forms|is formed)|out of the (reaction )?mixture/.test(text),
      },
    ],
  },
  fields,
  vessels,
  reads: temperatureReads,
  traits: ['reacts'],
  actual: (context): ReactiveDistillation => ({
    ...eventsAt(context, 'heatOn', 'ended'),
    heads: roundsAt(context, 'temperature'),
  }),
  sentence: (context) => {
    const { ceiling_C, substance } = context.params;
    const { at, because } = headWindow(context, substance);
    const here = because === undefined ? '' : ` (here, ${because}, about ${at(ceiling_C)}\u202f°C)`;
    return `Distil what forms, slowly; the head stays below ${ceiling_C}\u202f°C${here}.`;
  },
  conditions,
  equipment: heatingWords,
  cautions: () => ['Never to dryness. A rising head means: less heat.'],
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  predict: (work, { substance, ceiling_C }) => {
    const pot = worksIn(work);
    const receiver = work.receiver('to');
    react(work, pot);
    const back = work.assume({
      key: 'back',
      label: 'share of it that stays in the pot',
      dim: 'fraction',
      unit: '%',
      low: 0.02,
      typical: 0.05,
      high: 0.12,
      why: 'the pot is not distilled dry',
    });
    const there = work.phase(pot, 'liquid')[substance] ?? 0;
    const over = times({ [substance]: there }, 1 - back.q.value);
    work.put(receiver, 'organic', work.condensed(work.take(pot, 'liquid', over)));
    takeWaterAlong(work, { pot, receiver, substance, grams: gramsOf(over) });
    if (there > 0 && work.stage?.substance === substance)
      work.lose('back', 'left in the pot', massShare(there, substance, back));
    work.temperature(pot, ceiling_C);
    work.follow(receiver);
  },
  asks: ({ heads }, context) => [
    ...checks(context, {
      ...setUp,
      aids: schoolWords(context.bench.doc.conventions, 'boiling', setUp.aids),
    }),
    event(context, 'heatOn', 'Turn the heat on, gently.', 'Heat is on'),
    temperatures(context, heads, {
      title: 'Head temperature',
      ways: [temperatureWay('Read the head.')],
      within: { high: context.params.ceiling_C },
    }),
    event(context, 'ended', 'When nothing more comes below the ceiling: heat off.', 'Heat is off'),
  ],
  check: ({ heatOn, heads }, context) => [
    ...uncheckedAt(context, 'Distilling as it forms', setUp, heatOn),
    ...heads.flatMap((one) => outsideWindow(one, context, 'Head', { high: context.params.ceiling_C })),
  ],
  drawing: (_, { bench, params }) => still(bench.doc, conditions(params), { substances: [params.substance] }),
});
