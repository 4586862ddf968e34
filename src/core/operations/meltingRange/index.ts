import { schoolOf } from '../../conventions/catalogue';
import { capillary } from './meltingRun';
import { checks, measure } from '../asks';
import { itemsOf } from '../onRecord';
import { meltingFindings } from './meltingFindings';
import { stageName, stageOf } from '../stages';
import { meltingRangeFields, fastestRamp } from './types';
import { sample } from '../../worktop/sample';
import { defineOperation } from '../declare/defineOperation';
import { stays } from '../../worktop/vessels';
import type { Capillary } from './meltingRun';
import type { MeltingRange, MeltingRangeParams } from './types';
import type { MeasureAsk } from '../ask';
import type { MeltingDatum } from '../../document/document';
import type { StepContext } from '../operation';
import type { Slots } from '../../worktop/vessels';

// The slow ramp begins this far below the expected value (domain: 15 to 20 °C below).
const slowFrom = { low: 20, high: 15 } as const;
// Taken where the class has entered no room temperature.
const usualRoom_C = 20;

const vessels = {
  in: stays('Vessel that is sampled'),
} satisfies Slots;

/** Melting range of a capillary: onset and clear, never one number; the ramp is judged by the times of the readings. */
export const meltingRange = defineOperation({
  name: 'meltingRange',
  version: 1,
  title: 'Melting range',
  phase: 'characterize',
  sign: 'capillary',
  told: { by: [{ by: 'melting' }] },
  fields: meltingRangeFields,
  vessels,
  reads: {
    start: { dim: 'temperature', word: 'slow ramp begins', per: 'item' },
    later: { dim: 'temperature', word: 'a minute later', per: 'item' },
    onset: { dim: 'temperature', word: 'first liquid', per: 'item' },
    clear: { dim: 'temperature', word: 'last crystal', per: 'item' },
  },
  actual: (context): MeltingRange => {
    const literature = literatureOf(context);
    const items = itemsOf(context);
    return {
      capillaries: (items.length === 0 ? ['A'] : items).map((item) => capillary(context, item)),
      ...(literature ? { literature } : {}),
    };
  },
  sentence: (context) =>
    context.params.approximate
      ? `Melt a little of the ${stageName(context, context.params.of)} beside a thermometer, slowly: about when does it melt?`
      : `Melting range of the ${stageName(context, context.params.of)}: ${rampPlan(literatureOf(context), context.bench)}.`,
  predict: (work) => sample(work, { low: 0.005, typical: 0.01, high: 0.02 }),
  conditions: () => ({ hot: true }),
  cautions: () => ['A hot block burns. Never melt the same sample twice.'],
  asks: ({ capillaries, literature }, context) => {
    if (context.params.approximate) return [aboutAsk(context)];
    const last = capillaries.at(-1)?.item ?? 'A';
    const whole = ({ readings }: Capillary) => readings['onset'] !== undefined && readings['clear'] !== undefined;
    const next = capillaries.every(whole) ? [String.fromCharCode(last.charCodeAt(0) + 1)] : [];
    return [
      ...checks(context, {
        sample: 'The sample is dry and powdered, 2 to 3 mm in a fresh capillary.',
        own: 'The capillary holds your own sample, and is marked.',
      }),
      ...capillaries.flatMap(({ item }, i) => readingsFor(context, item, literature, i === 0 ? undefined : item)),
      ...next.flatMap((item) => readingsFor(context, item, literature, item)),
    ];
  },
  outcome: ({ capillaries }, { params: { approximate } }) =>
    capillaries.flatMap(({ item, onset, clear, ramp }) => [
      ...(onset ? [{ label: approximate ? 'melts at about' : `${item}: first liquid`, worked: onset }] : []),
      ...(clear ? [{ label: `${item}: last crystal`, worked: clear }] : []),
      ...(ramp ? [{ label: `${item}: ramp`, worked: ramp }] : []),
    ]),
  check: (done, context) => meltingFindings(done, context),
  melting: ({ capillaries }, { params: { of } }) =>
    capillaries.flatMap(({ item, onset, clear, ramp }) =>
      onset && clear
        ? [
            {
              stage: of,
              item,
              onset,
              clear,
              ...(ramp ? { ramp } : {}),
              calibrated: onset.formula === 'correctedTemperature' && clear.formula === 'correctedTemperature',
              sound: ramp === undefined || ramp.q.value <= fastestRamp,
            },
          ]
        : [],
    ),
  drawing: () => ({ kind: 'melting' }),
});

/** A single reading, without an apparatus: it says about where, and judges nothing. */
const aboutAsk = (context: StepContext<MeltingRangeParams>): MeasureAsk =>
  measure(context, {
    id: 'A-onset',
    title: 'About when it melts',
    about: { item: 'A' },
    ways: [
      {
        id: 'onset',
        label: 'Temperature',
        slots: [{ slot: 'onset', says: 'It melts at about:', dim: 'temperature', unit: '°C' }],
      },
    ],
  });

/** The ramp in words: fast to 15 to 20 °C below the expected value, or from room temperature where that is higher. */
function rampPlan(
  literature: MeltingDatum | undefined,
  { doc, settings: { roomTemperature } }: StepContext['bench'],
): string {
  if (schoolOf(doc.conventions, 'meltingRamp') === 'slow') return 'one slow ramp from room temperature, 1–2\u00a0K/min';
  const slow = 'then 1–2\u00a0K/min';
  if (!literature) return `find it fast, ${slow} with a fresh capillary`;
  const [from, to] = [Number(literature.low) - slowFrom.low, Number(literature.low) - slowFrom.high];
  const room = roomTemperature ? Number(roomTemperature.digits) : usualRoom_C;
  return to <= room ? 'from room temperature at 1\u00a0K/min' : `fast to ${from}–${to}\u202f°C, ${slow}`;
}

function literatureOf({ bench, params: { of } }: StepContext<MeltingRangeParams>): MeltingDatum | undefined {
  const substance = stageOf(bench, of)?.substance;
  return bench.doc.substances.find(({ id }) => id === substance)?.melting;
}

function readingsFor(
  context: StepContext,
  item: string,
  literature: MeltingDatum | undefined,
  extra: string | undefined,
): readonly MeasureAsk[] {
  const low = literature && Number(literature.low);
  const one = (slot: string, title: string, says: string, window?: { low: number; high: number }) => ({
    ...measure(context, {
      id: `${item}-${slot}`,
      title: `Capillary ${item}, ${title}`,
      about: { item },
      ways: [{ id: slot, label: 'Temperature', slots: [{ slot, says, dim: 'temperature', unit: '°C' }] }],
      ...(window ? { window: { dim: 'temperature', unit: '°C', ...window, figures: 3 } } : {}),
    }),
    ...(extra === undefined ? {} : { optional: `Another capillary, ${item}` }),
  });
  return [
    one(
      'start',
      'slow ramp begins',
      'The slow ramp begins. Temperature now:',
      low === undefined ? undefined : { low: low - slowFrom.low, high: low - slowFrom.high },
    ),
    one('later', 'a minute later', 'After about a minute, temperature again:'),
    one('onset', 'first liquid', 'First liquid at:'),
    one('clear', 'last crystal', 'Last crystal gone at:'),
  ];
}
