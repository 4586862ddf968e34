import { isPouredOnto, isPouredOver } from '../told';
import { finding } from '../../finding/finding';
import { checks, event, measure, measureLine } from '../asks';
import { cautionOf } from '../charge';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { celsiusFact, worked } from '../numbers';
import { timer } from '../timer';
import { behind } from '../vesselAt';
import { lineThen, linesWords } from '../linesWords';
import { placedTemperature } from '../ways';
import { uncheckedAt } from '../unchecked';
import { crystallize } from '../../worktop/crystallize';
import { arrive, enter } from '../../worktop/enter';
import { transfer, worksIn } from '../../worktop/transfer';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { from, gasTrap, into } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  line: field.line('What it is poured into', { role: 'quench' }),
  way: field.optional(
    field.choice('Which goes into which', {
      into: 'the mixture into the stirred ice-water',
      onto: 'the ice or water, in portions, into the cold mixture',
    }),
  ),
  below_C: field.celsius('Below', { usual: 25, help: 'Pour below this temperature.' }),
  minutes: field.minutes('Time', { acts: true }),
} satisfies Fields;

const vessels = {
  in: from('Vessel that is emptied'),
  to: into('Vessel that it is poured into', 'beaker'),
  trap: gasTrap,
} satisfies Slots;

type QuenchParams = ParamsOf<typeof fields>;

export interface Quench {
  readonly temperature?: Live<Reading>;
  readonly poured?: Live<Happening>;
  readonly ended?: Live<Happening>;
}

const setUp = {
  stirred: 'What receives it is stirred, in a vessel that the whole mixture fits twice.',
  hood: 'Everything stands in the hood.',
} as const;

const setUpOf = ({ way }: Pick<QuenchParams, 'way'>): Readonly<Record<keyof typeof setUp, string>> =>
  way === 'onto'
    ? { ...setUp, stirred: 'The mixture is stirred, stands in ice, and has room for twice as much.' }
    : setUp;

// A mixture with ice in it, stirred.
const afterQuench_C = 5;

/** Pouring the reaction mixture into stirred ice-water. Never the water into the hot mixture. */
export const quench = defineOperation({
  name: 'quench',
  version: 1,
  title: 'Quench',
  phase: 'isolate',
  sign: 'beaker',
  told: {
    by: [
      { by: 'quench', rank: 1, when: (said) => !isPouredOver(said) || isPouredOnto(said) },
      { by: 'pourInto', rank: 1, when: isPouredOnto },
    ],
    leaves: 'mixture',
    still: 'ends',
  },
  fields,
  vessels,
  reads: temperatureRead,
  actual: (context): Quench => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'poured', 'ended'), ...(temperature ? { temperature } : {}) };
  },
  sentence: (context) => {
    const { below_C, way, line } = context.params;
    if (way !== 'onto')
      return `Below ${below_C}\u202f°C, pour the mixture into ${lineThen(context, line)}${behind(context, 'in', 'to')}, stirred.`;
    return `Into the stirred mixture, below ${below_C}\u202f°C, ${linesWords(context, [line])} in small portions.`;
  },
  conditions: ({ line, way }) => (way === 'onto' ? { dosed: [line], cooled: true } : { pours: [line] }),
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, { line, way }) => {
    const from = worksIn(work);
    if (way === 'onto') {
      enter(work, line, from);
      crystallize(work, from, afterQuench_C);
      work.follow(from);
      return;
    }
    const to = work.place('to', work.world.facts.lines.get(line)?.line.vessel ?? from);
    work.put(to, 'liquid', work.introduce(line));
    const there = work.phase(to, 'liquid');
    transfer(work, from, to);
    arrive(work, to, there);
    // Ice is still there when it is all in.
    crystallize(work, to, afterQuench_C);
    work.follow(to);
  },
  cautions: (context) => [
    ...cautionOf(context, context.params.line),
    context.params.way === 'onto'
      ? 'In small portions into the cold mixture, each only when the last has calmed down. A hot anhydride or concentrated acid goes into the water instead.'
      : 'The mixture into the water, never water into a hot anhydride or acid.',
  ],
  asks: (_, context) => [
    ...measureLine(context, context.params.line),
    ...checks(context, setUpOf(context.params)),
    measure(context, {
      id: 'temperature',
      title: 'Temperature of the mixture',
      ways: [placedTemperature(context, 'Read the temperature in the flask.')],
      window: { dim: 'temperature', unit: '°C', high: context.params.below_C, figures: 2 },
    }),
    event(
      context,
      'poured',
      context.params.way === 'onto'
        ? 'Portion by portion, stirring, until no ice is left to add.'
        : 'Pour it in, stirring.',
      context.params.way === 'onto' ? 'All of it is in' : 'Poured',
    ),
    event(context, 'ended', 'Stir until no oil is left.', 'No oil is left'),
  ],
  timers: ({ poured: from, ended: to }, context) =>
    timer(context, {
      label: 'Stirring',
      then: 'Look for oil',
      minutes: context.params.minutes,
      from,
      to,
    }),
  check: ({ temperature, poured }, context) => {
    const read = temperature && readAs(context, temperature);
    const { below_C } = context.params;
    return [
      ...uncheckedAt(context, 'Quench', setUpOf(context.params), poured),
      ...(read && read.q.value > below_C
        ? [
            finding(
              'quench.hot',
              'stop',
              { step: context.step.id, slot: 'temperature' },
              {
                temperature: worked(read),
                limit: celsiusFact(below_C, 2),
              },
            ),
          ]
        : []),
    ];
  },
  drawing: () => ({ kind: 'quench' }),
});
