import { checks, event, measure, measureLine } from '../asks';
import { eventsAt, readAs, readingsAt } from '../onRecord';
import { outsideWindow } from '../outsideWindow';
import { placedTemperature } from '../ways';
import { takeUp } from './predict';
import { timer } from '../timer';
import { vesselAt } from '../vesselAt';
import { cautionOf } from '../charge';
import { linesWords } from '../linesWords';
import { defineOperation } from '../declare/defineOperation';
import { temperatureRead } from '../declare/reads';
import * as field from '../declare/fields';
import { heated, heatingWords, heats } from '../heating';
import { from, gasTrap, into } from '../../worktop/vessels';
import type { Happening, Reading } from '../../record/entry';
import type { Live } from '../../record/foldRecord';
import type { Fields } from '../declare/fields';
import type { Slots } from '../../worktop/vessels';

const fields = {
  lines: field.many(field.line('What it is stirred up in', { role: 'solvent' }), [1, 5]),
  minutes: field.minutes('Time', { acts: true }),
  at_C: field.celsius('At', { help: 'Temperature of the liquid.' }),
  aim: field.choice('What it is for', {
    slurry: 'washing: the solid stays',
    dissolve: 'dissolving it',
    react: 'reacting with it',
  }),
  material: field.optional(field.line('Material that gives up its content', { role: 'material', inside: true })),
  of: field.optional(field.goal('Stage that it is done for')),
  ...heats,
} satisfies Fields;

const vessels = {
  in: from('Where the solid is'),
  to: into('Vessel that it is stirred up in', 'beaker'),
  trap: gasTrap,
} satisfies Slots;

interface Resuspending {
  readonly begun?: Live<Happening>;
  readonly ended?: Live<Happening>;
  readonly temperature?: Live<Reading>;
}

const aims = {
  slurry: 'Stir the solid up',
  dissolve: 'Dissolve the solid',
  react: 'Stir the solid up',
} as const;
const ends = {
  slurry: { says: 'No lumps are left; the solid settles.', button: 'An even slurry' },
  dissolve: { says: 'Nothing solid is left.', button: 'All dissolved' },
  react: { says: 'Nothing changes any more: gas, colour, the look of the solid.', button: 'No more change' },
} as const;

// Warm enough to burn and to be heated for.
const warm_C = 35;

/** A cake comes off its paper into a liquid: washed as a slurry, dissolved, or decomposed by what it meets. */
export const resuspending = defineOperation({
  name: 'resuspending',
  version: 1,
  title: 'Resuspending a solid',
  phase: 'workUp',
  sign: 'stir',
  told: {
    by: [
      {
        by: 'resuspend',
        words: [
          '\\bre-?suspend(?:ed|ing)?\\b',
          '\\b(?:slurr(?:y|ied)|stir(?:red)?) (?:up )?(?:the|this) (?:\\w+ )?(?:crystals|solid|cake|precipitate|powder)\\b[^.;]{0,40}\\b(?:in|with)\\b',
        ],
      },
    ],
    leaves: 'solid',
  },
  fields,
  vessels,
  reads: temperatureRead,
  traits: ({ aim }) => (aim === 'react' ? ['reacts'] : ['isolates']),
  actual: (context): Resuspending => {
    const { temperature } = readingsAt(context);
    return { ...eventsAt(context, 'begun', 'ended'), ...(temperature ? { temperature } : {}) };
  },
  sentence: (context) => {
    const { lines, minutes, at_C, aim } = context.params;
    return `${aims[aim]} in ${linesWords(context, lines)} in ${vesselAt(context, 'to', 'beaker')}, ${minutes}\u00a0min at ${at_C}\u202f°C.`;
  },
  conditions: ({ at_C, lines, ...params }) =>
    at_C > warm_C ? { ...heated(params), stirs: true, hot: true, warms: true } : { stirs: true, dosed: lines },
  equipment: heatingWords,
  cautions: (context) => context.params.lines.flatMap((line) => cautionOf(context, line)),
  timing: ({ minutes: fixed_min }) => ({ fixed_min, grows: 'heat' }),
  predict: (work, params) => takeUp(work, params),
  asks: (_, context) => [
    ...context.params.lines.flatMap((line) => measureLine(context, line)),
    ...checks(context, { paper: 'The paper is scraped clean; no shred of it is in the solid.' }),
    event(context, 'begun', 'Solid and liquid are together: stir.', 'Stirring'),
    measure(context, {
      id: 'temperature',
      title: 'Temperature',
      ways: [placedTemperature(context, 'Temperature of the liquid.')],
      window: { dim: 'temperature', unit: '°C', aim: context.params.at_C, figures: 3 },
    }),
    event(context, 'ended', ends[context.params.aim].says, ends[context.params.aim].button),
  ],
  timers: ({ begun: start, ended: to }, context) =>
    timer(context, {
      label: 'Stirring up',
      then: 'See whether it is done',
      minutes: context.params.minutes,
      from: start,
      to,
    }),
  outcome: ({ temperature }, context) => (temperature ? [{ label: 'at', worked: readAs(context, temperature) }] : []),
  check: ({ temperature }, context) =>
    temperature
      ? outsideWindow(temperature, context, 'Taking up', {
          high: context.params.at_C + warm_K,
          low: context.params.at_C - warm_K,
        })
      : [],
  drawing: () => ({ kind: 'resuspending' }),
});

// A bath is no nearer than this.
const warm_K = 15;
