import { checks, event, measure } from '../asks';
import { celsiusParam, idParam, params } from '../params';
import { eventsAt, nextRound, roundsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { headWindow } from '../headWindow';
import { react } from '../predicting/react';
import { temperatureWay } from '../ways';
import { takeWaterAlong } from '../predicting/takeWaterAlong';
import { gramsOf, times } from '../../mixture/matter';
import { uncheckedAt } from '../unchecked';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';

export interface ReactiveDistillationParams {
  /** Substance that leaves as it forms. */
  readonly substance: string;
  /** Head temperature that protects the selectivity, °C. */
  readonly ceiling_C: number;
  readonly of?: string;
}

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

/** The product leaves as it forms: the equilibrium follows it, and a ceiling of the head keeps the rest back. */
export const reactiveDistillation: Operation<ReactiveDistillationParams, ReactiveDistillation> = {
  name: 'reactiveDistillation',
  version: 1,
  title: 'Distilling as it forms',
  params: params({ substance: idParam().required(), ceiling_C: celsiusParam().required(), of: idParam() }),
  refs: ({ substance, of }) => ({ substances: [substance], ...(of === undefined ? {} : { stages: [of] }) }),
  actual: (context) => ({ ...eventsAt(context, 'heatOn', 'ended'), heads: roundsAt(context, 'temperature') }),
  sentence: (context) => {
    const { ceiling_C, substance } = context.params;
    const { at, because } = headWindow(context, substance);
    const here = because === undefined ? '' : ` (here, ${because}, about ${at(ceiling_C)}\u202f°C)`;
    return `Distil what forms, slowly; the head stays below ${ceiling_C}\u202f°C${here}.`;
  },
  conditions: ({ ceiling_C }) => ({
    boiling: true,
    bumps: true,
    hot: true,
    warms: true,
    distils: { vapour_C: ceiling_C },
    ceiling_C,
  }),
  cautions: () => ['Never to dryness. A rising head means: less heat.'],
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  reacts: true,
  predict: (work, { substance, ceiling_C }) => {
    const pot = work.place('in');
    const receiver = work.own('to', 'Distillate');
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
    work.put(receiver, 'organic', work.take(pot, 'liquid', over));
    takeWaterAlong(work, { pot, receiver, substance, grams: gramsOf(over) });
    if (there > 0 && work.stage?.substance === substance)
      work.lose('back', 'left in the pot', work.shareOf(there, substance, back));
    work.temperature(pot, ceiling_C);
    work.follow(receiver);
  },
  asks: ({ heads }, context) => [
    ...checks(context, setUp),
    event(context, 'heatOn', 'Turn the heat on, gently.', 'Heat is on'),
    {
      ...measure(context, {
        id: 'temperature',
        title: 'Head temperature',
        about: { round: nextRound(context, 'temperature') },
        ways: [temperatureWay('Read the head.')],
        window: { dim: 'temperature', unit: '°C', high: context.params.ceiling_C, figures: 3 },
      }),
      done: heads.length > 0,
      optional: 'Another temperature',
    },
    event(context, 'ended', 'When nothing more comes below the ceiling: heat off.', 'Heat is off'),
  ],
  check: ({ heatOn, heads }, context) => [
    ...uncheckedAt(context, 'Distilling as it forms', setUp, heatOn),
    ...heads.flatMap((one) => outsideWindow(one, context, 'Head', { high: context.params.ceiling_C })),
  ],
};
