import { schoolWords } from '../../conventions/words';
import { distilOver } from './predict';
import { finding } from '../../finding/finding';
import { checks, event, measure } from '../asks';
import { airCondenserFrom_C } from '../airCooled';
import { celsiusFact, worked } from '../numbers';
import { format } from '../../quantity/format';
import { headWindow } from '../headWindow';
import { scaleOf } from '../../plan/scaleOf';
import { configurationFindings } from '../../readings/weighingFindings';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { massFindings, stageName, stageOf } from '../stages';
import { measuredMass } from '../../readings/measured';
import { netWay, taredVesselWay, temperatureWay } from '../ways';
import { uncheckedAt } from '../unchecked';
import { defineOperation } from '../declare/defineOperation';
import { massReads } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { away, from, into } from '../../worktop/vessels';
import { vesselAt } from '../vesselAt';
import { still } from '../drawing';
import type { Finding } from '../../finding/finding';
import type { Happening, Reading } from '../../record/entry';
import type { LineReadings } from '../../readings/measured';
import type { Live } from '../../record/foldRecord';
import type { StepContext } from '../operation';
import type { Worked } from '../../quantity/worked';
import type { Fields, ParamsOf } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';
import type { Conditions } from '../conditions';

const fields = {
  of: field.goal('Main cut'),
  low_C: field.celsius('From', { below: 'high_C', help: 'Printed window of the main cut, at the head.' }),
  high_C: field.celsius('To'),
  recover_C: field.optional(
    field.celsius('Solvent recovered up to', {
      help: 'Head temperature to which the solvent is distilled off first, into a receiver of its own.',
    }),
  ),
  cuts_C: field.optional(
    field.many(
      field.celsius('Change receivers at', {
        help: 'Head temperatures, ascending: below the main cut for what comes before it, above it for what comes after.',
        rising: true,
      }),
      [1, 4],
    ),
  ),
  column: field.optional(field.choice('Through a column', { vigreux: 'Vigreux column', packed: 'Packed column' })),
  withWater: field.optional(
    field.flag('Water comes over with it', { help: 'Out of an aqueous mixture: the receiver holds two layers.' }),
  ),
  until_mL: field.optional(
    field.number('Until collected', 'mL', [0.1, 5000], {
      help: 'At the scale at which the sheet is written; it grows with it.',
    }),
  ),
  until_percent: field.optional(
    field.number('Until over, of the pot', '%', [1, 100], { help: 'Share of the volume of the pot.' }),
  ),
  unweighed: field.optional(field.flag('Not weighed here')),
  airCondenser: field.optional(field.flag('Air condenser', { help: 'Above about 140 °C a cold jacket cracks.' })),
  ...heats,
} satisfies Fields;

const vessels = {
  in: from('Pot', 'distillation flask'),
  to: into('Receiver of the main cut', 'receiver', 'Main cut'),
  forerun: away('Receiver of the forerun', 'Forerun'),
  solvent: away('Receiver of the solvent', 'Solvent recovered'),
  cut: { ...away('Receiver of a cut', 'Cut {n}'), numbered: true },
} satisfies Slots;

export type DistillationParams = ParamsOf<typeof fields>;

export interface Distillation {
  readonly readings: LineReadings;
  readonly mass?: Worked<'mass'>;
  readonly firstDrop?: Live<Happening>;
  readonly heatOn?: Live<Happening>;
  readonly first?: Live<Reading>;
  readonly last?: Live<Reading>;
}

const setUp = {
  half: 'The flask is at most half full; boiling aids or stir bar are in, before any heat.',
  bulb: 'The top of the bulb stands level with the lower edge of the side-arm opening.',
  open: 'All joints are snug and clipped; the system is open at the receiver.',
  tared: 'The receivers are numbered and were weighed empty.',
} as const;

/** Receivers that are not weighed full need no tare. */
const setUpOf = ({ unweighed }: Pick<DistillationParams, 'unweighed'>): Readonly<Record<keyof typeof setUp, string>> =>
  unweighed ? { ...setUp, tared: 'The receivers are numbered.' } : setUp;

/** What ends the main cut, in words; the head alone where nothing else is said. */
function untilOf({ bench: { charge }, params: { until_mL, until_percent } }: StepContext<DistillationParams>): string {
  if (until_mL !== undefined) {
    const volume = { dim: 'volume' as const, value: until_mL * scaleOf(charge.plan) };
    return `, until about ${format(volume, 'mL', { figures: 2 })} are collected`;
  }
  return until_percent === undefined ? '' : `, until about ${until_percent}\u202f% of the pot are over`;
}

const conditions = ({ low_C, high_C, ...params }: DistillationParams): Conditions => ({
  ...heated(params),
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  distils: { vapour_C: high_C, from_C: low_C },
});

/** How full, and what keeps it boiling evenly. */
const halfFull = ({ bench: { doc } }: StepContext): string => {
  const aids = schoolWords(doc.conventions, 'boiling', undefined);
  return aids === undefined ? setUp.half : `The flask is at most half full. ${aids}`;
};

/** Simple distillation: forerun, the main cut on its plateau, and never to dryness. */
export const distillation = defineOperation({
  name: 'distillation',
  version: 1,
  title: 'Distillation',
  phase: 'purify',
  sign: 'still',
  told: {
    by: [
      { by: 'distil' },
      { by: 'collectFraction' },
      {
        by: 'collectFraction',
        rank: 1,
        goesOn: true,
        when: ({ soundings, text }) => soundings.last === 'distillation' && !/\d/.test(text),
      },
      {
        by: 'heat',
        rank: 1,
        goesOn: true,
        when: ({ soundings, brings }) => soundings.last === 'distillation' && !brings,
      },
    ],
    leaves: 'oil',
    still: 'ends',
  },
  fields,
  vessels,
  reads: {
    ...massReads,
    first: { dim: 'temperature', word: 'first drop of the main cut' },
    last: { dim: 'temperature', word: 'last drop of the main cut' },
  },
  absorbs: ['distillation'],
  traits: ({ unweighed }) => (unweighed ? ['isolates', 'unweighed'] : ['isolates']),
  actual: (context): Distillation => {
    const readings = readingsAt(context) as LineReadings;
    const { first, last } = readingsAt(context);
    const mass = measuredMass(readings, context.bench.doc.devices);
    return {
      ...eventsAt(context, 'heatOn', 'firstDrop'),
      readings,
      ...(first ? { first } : {}),
      ...(last ? { last } : {}),
      ...(mass ? { mass } : {}),
    };
  },
  sentence: (context) => {
    const { low_C, high_C } = context.params;
    const { at, because } = windowOf(context);
    const here =
      because === undefined ? '' : ` (printed for 760\u00a0torr; here about ${at(low_C)}–${at(high_C)}\u202f°C)`;
    const { recover_C, withWater } = context.params;
    const { before, after } = changesOf(context);
    const first = recover_C === undefined ? '' : `the solvent first, up to ${recover_C}\u202f°C; then `;
    if (withWater)
      return `Distil${through(context)}, a drop a second: ${first}${before}what comes over with the water, about ${low_C}–${high_C}\u202f°C${here}${untilOf(context)}${after}.`;
    return `Distil${through(context)}, a drop a second; ${first}${before}the main cut on its plateau, about ${low_C}–${high_C}\u202f°C${here}${untilOf(context)}${after}.`;
  },
  conditions,
  equipment: heatingWords,
  cautions: (context) => {
    const { because } = windowOf(context);
    return [
      'Never to dryness. Drop the heat away when the pot is nearly empty or the head falls.',
      ...(context.params.high_C >= airCondenserFrom_C || context.params.airCondenser
        ? ['Air condenser: a cold jacket cracks at this temperature.']
        : []),
      ...(because === undefined ? [] : [`The window is what the head reads ${because}: the plateau decides.`]),
    ];
  },
  timing: () => ({ fixed_min: 0, grows: 'volume' }),
  predict: (work, params) => distilOver(work, params),
  asks: ({ mass, first, last }, context) => [
    ...checks(context, { ...setUpOf(context.params), half: halfFull(context) }),
    event(context, 'heatOn', 'Turn the heat on.', 'Heat is on'),
    event(
      context,
      'firstDrop',
      context.params.recover_C === undefined
        ? 'Collect the forerun.'
        : 'Collect the solvent in its own receiver, then the forerun.',
      'First drop',
    ),
    ...receiversAt(context, (at_C) => at_C <= context.params.low_C),
    {
      ...measure(context, {
        id: 'first',
        title: 'Head temperature when the main cut begins',
        ways: [temperatureWay('On the plateau: change the receiver. Head temperature:', 'first')],
        window: readWindow(context),
      }),
      done: first !== undefined,
    },
    {
      ...measure(context, {
        id: 'last',
        title: 'Head temperature at its last drop',
        ways: [temperatureWay('Stop on a rise, on a fall, or when the pot is nearly dry. Head temperature:', 'last')],
        window: readWindow(context),
      }),
      done: last !== undefined,
    },
    ...receiversAt(context, (at_C) => at_C > context.params.low_C),
    ...(context.params.unweighed
      ? []
      : [
          {
            ...measure(context, {
              id: 'mass',
              title: stageName(context, context.params.of),
              ways: [taredVesselWay, netWay],
            }),
            done: mass !== undefined,
          },
        ]),
  ],
  check: (actual, context) => [
    ...uncheckedAt(context, 'Distillation', setUpOf(context.params), actual.heatOn),
    ...windowFindings(actual, context),
    ...configurationFindings(actual.readings, stageOf(context.bench, context.params.of)?.name ?? '', {
      step: context.step.id,
    }),
    ...(actual.mass
      ? massFindings(context, context.params.of, actual.mass, {
          step: context.step.id,
          slot: actual.readings.full ? 'full' : 'net',
        })
      : []),
  ],
  outcome: ({ mass, first, last }, context) => [
    ...(first ? [{ label: 'boiling range from', worked: readAs(context, first) }] : []),
    ...(last ? [{ label: 'to', worked: readAs(context, last) }] : []),
    ...(mass ? [{ label: 'net', worked: mass }] : []),
  ],
  boiling: ({ first, last }, context) => {
    if (!first || !last) return undefined;
    const [from, to] = [readAs(context, first), readAs(context, last)] as [
      Worked<'temperature'>,
      Worked<'temperature'>,
    ];
    return from.q.dim === 'temperature' && to.q.dim === 'temperature'
      ? { stage: context.params.of, from, to }
      : undefined;
  },
  mass: ({ readings, mass }, { step, params: { of } }) =>
    mass && { stage: of, mass, step: step.id, dry: 'unknown', at: (readings.full ?? readings.net)?.entry.at ?? '' },
  drawing: (_, { bench, params }) => still(bench.doc, conditions(params), { packed: params.column !== undefined }),
});

const through = ({ params: { column } }: StepContext<DistillationParams>) =>
  column === undefined ? '' : ` through a ${column === 'vigreux' ? 'Vigreux' : 'packed'} column`;

/** Where the receiver is changed before the main cut, and after it, in words. */
function changesOf({ params: { cuts_C = [], low_C } }: StepContext<DistillationParams>) {
  const said = (which: readonly number[]) => `${which.join(' and ')}\u202f°C`;
  const before = cuts_C.filter((at_C) => at_C <= low_C);
  const after = cuts_C.filter((at_C) => at_C > low_C);
  return {
    before: before.length > 0 ? `change the receiver at ${said(before)}; then ` : '',
    after: after.length > 0 ? `; then another receiver, up to ${said(after)}` : '',
  };
}

/** A mark for each change of receivers beside the main cut; each has its number, so that none is mistaken for another. */
const receiversAt = (context: StepContext<DistillationParams>, which: (at_C: number) => boolean) =>
  (context.params.cuts_C ?? []).flatMap((at_C, i) =>
    which(at_C)
      ? [
          event(
            context,
            'receiver',
            at_C <= context.params.low_C
              ? `At ${at_C}\u202f°C at the head: change to ${vesselAt(context, `cut-${i + 1}`, `receiver of cut ${i + 1}`)}.`
              : `After the main cut: ${vesselAt(context, `cut-${i + 1}`, `receiver of cut ${i + 1}`)}, up to ${at_C}\u202f°C at the head.`,
            `Cut ${i + 1} is collected`,
            { round: i + 1 },
          ),
        ]
      : [],
  );

const windowOf = (context: StepContext<DistillationParams>) =>
  headWindow(context, context.bench.doc.stages.find(({ id }) => id === context.params.of)?.substance);

/** The window as this thermometer reads it at the pressure of the class. */
function readWindow(context: StepContext<DistillationParams>) {
  const { at } = windowOf(context);
  const { low_C, high_C } = context.params;
  return { dim: 'temperature' as const, unit: '°C', low: at(low_C), high: at(high_C), figures: 4 };
}

/** The printed window taken literally is a mistake; the plateau decides. */
function windowFindings({ first, last }: Distillation, context: StepContext<DistillationParams>): readonly Finding[] {
  const { low: low_C, high: high_C } = readWindow(context);
  return [first, last].flatMap((one) => {
    if (!one) return [];
    const read = readAs(context, one);
    const { slot } = one.body.place;
    if (read.q.value >= low_C && read.q.value <= high_C) return [];
    return [
      finding(
        'distil.window',
        'note',
        { step: context.step.id, slot },
        { temperature: worked(read), low: celsiusFact(low_C, 4), high: celsiusFact(high_C, 4) },
      ),
    ];
  });
}
