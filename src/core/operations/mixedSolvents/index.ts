import type { SaidClause } from '../told';
import { isMass } from '../../readings/measured';
import { checks, event, measure, measureLine } from '../asks';
import { dissolveMixed } from './predict';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { stageName } from '../stages';
import { netWay, temperatureWay } from '../ways';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { stays } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Worked } from '../../quantity/worked';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  from: field.stage('What goes in'),
  to: field.stage('What comes out'),
  good: field.line('Solvent that dissolves', { role: 'solvent' }),
  poor: field.line('Solvent that drives out', { role: 'solvent' }),
  below_C: field.celsius('Below', { usual: 60, help: 'Above it an oil comes out.' }),
  cold_C: field.celsius('Cold', { usual: 5 }),
  ...heats,
} satisfies Fields;

const vessels = {
  in: stays('Flask', 'conical flask'),
} satisfies Slots;

export interface MixedSolvents {
  readonly massIn?: Worked<'mass'>;
  readonly temperature?: Live<Reading>;
  readonly dissolved?: Live<Happening>;
  readonly cloudy?: Live<Happening>;
  readonly seeded?: Live<Happening>;
}

/** Two solvents are named, or the words for what is seen when the second one comes. */
const namesPair = ({ text, sentence }: SaidClause) =>
  /\b(aqueous|mixture of|mixed|(?!ice)\w+[-/]water|\w+ and water)\b/.test(text) ||
  /\b(cloudy|turbid|cloudiness|turbidity)\b/.test(sentence);

/** Recrystallization from two solvents: dissolved in the good one, the poor one to cloudiness, cleared with a drop, cooled. */
export const mixedSolvents = defineOperation({
  name: 'mixedSolvents',
  version: 1,
  title: 'Recrystallization from two solvents',
  phase: 'purify',
  sign: 'crystals',
  told: {
    by: [{ by: 'recrystallize', rank: 1, when: namesPair }],
    leaves: 'solid',
    purifying: 'begins',
  },
  absorbs: ['gravityFiltration', 'hold', 'charge', 'addition', 'mixedSolvents'],
  fields,
  vessels,
  reads: { ...temperatureRead, net: { dim: 'mass' } },
  actual: (context): MixedSolvents => {
    const { net, temperature } = readingsAt(context);
    return {
      ...eventsAt(context, 'dissolved', 'cloudy', 'seeded'),
      ...(net && isMass(net) ? { massIn: readAs(context, net) as Worked<'mass'> } : {}),
      ...(temperature ? { temperature } : {}),
    };
  },
  sentence: (context) =>
    `Dissolve the ${stageName(context, context.params.from)} at no more than ${context.params.below_C}\u202f°C; water or the other solvent drop by drop to a faint cloud.`,
  conditions: (params) => ({ ...heated(params), hot: true, warms: true }),
  equipment: heatingWords,
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
  drawing: () => ({ kind: 'mixedSolvents' }),
});
