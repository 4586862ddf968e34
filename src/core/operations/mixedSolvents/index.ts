import { isMass } from '../../record/measured';
import { celsiusParam, idParam, params } from '../params';
import { checks, event, measure, measureLine } from '../asks';
import { dissolveMixed } from './predict';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { stageName } from '../stages';
import { netWay, temperatureWay } from '../ways';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Operation } from '../operation';
import type { Worked } from '../../quantity/worked';

export interface MixedSolventsParams {
  readonly from: string;
  readonly to: string;
  /** Lines of the solvent that dissolves, and of the one that drives out. */
  readonly good: string;
  readonly poor: string;
  /** Not warmer: above it an oil comes out. */
  readonly below_C: number;
  readonly cold_C: number;
}

export interface MixedSolvents {
  readonly massIn?: Worked<'mass'>;
  readonly temperature?: Live<Reading>;
  readonly dissolved?: Live<Happening>;
  readonly cloudy?: Live<Happening>;
  readonly seeded?: Live<Happening>;
}

/** Recrystallization from two solvents: dissolved in the good one, the poor one to cloudiness, cleared with a drop, cooled. */
export const mixedSolvents: Operation<MixedSolventsParams, MixedSolvents> = {
  name: 'mixedSolvents',
  version: 1,
  title: 'Recrystallization from two solvents',
  params: params({
    from: idParam().required(),
    to: idParam().required(),
    good: idParam().required(),
    poor: idParam().required(),
    below_C: celsiusParam().required(),
    cold_C: celsiusParam().required(),
  }),
  refs: ({ from, to, good, poor }) => ({ lines: [good, poor], stages: [from, to] }),
  without: (params, line) => (line === params.good || line === params.poor ? undefined : params),
  actual: (context) => {
    const { net, temperature } = readingsAt(context);
    return {
      ...eventsAt(context, 'dissolved', 'cloudy', 'seeded'),
      ...(net && isMass(net) ? { massIn: readAs(context, net) as Worked<'mass'> } : {}),
      ...(temperature ? { temperature } : {}),
    };
  },
  sentence: (context) =>
    `Dissolve the ${stageName(context, context.params.from)} at no more than ${context.params.below_C}\u202f°C; water or the other solvent drop by drop to a faint cloud.`,
  conditions: () => ({ hot: true, warms: true }),
  cautions: () => ['Warmer than that an oil comes out: it traps dirt. Flammable: no flame.'],
  predict: (work, params) => dissolveMixed(work, params),
  asks: (_, context) => [
    measure(context, { id: 'net', title: `${stageName(context, context.params.from)}, what goes in`, ways: [netWay] }),
    ...measureLine(context, context.params.good),
    measure(context, {
      id: 'temperature',
      title: 'Temperature when it is dissolved',
      ways: [temperatureWay('Warm gently until it is dissolved. Temperature:')],
      window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
    }),
    event(context, 'dissolved', 'Everything is dissolved.', 'A clear solution'),
    ...measureLine(context, context.params.poor),
    event(context, 'cloudy', 'A faint cloud stays; one drop of the first solvent clears it.', 'Just clear again'),
    event(context, 'seeded', 'Seed or scratch; cool slowly, covered, then in ice.', 'Crystals grow'),
    ...checks(context, {
      oil: 'It is crystals, not an oil. An oil: warm, a little more of the first solvent, cool slower.',
    }),
  ],
  check: ({ temperature }, context) =>
    temperature
      ? outsideWindow(temperature, context, 'Recrystallization from two solvents', { high: context.params.below_C })
      : [],
  outcome: ({ massIn }) => (massIn ? [{ label: 'went in', worked: massIn }] : []),
  input: ({ massIn }, { params: { to } }) => (massIn ? { stage: to, mass: massIn } : undefined),
};
