import { format } from '../quantity/format';
import type { MeltingRun } from '../operations/operation';
import type { MeltingDatum } from '../document/document';

/** What a melting range says, and no more than that. */
export interface Verdict {
  readonly kind: 'missing' | 'fast' | 'noLiterature' | 'high' | 'agrees' | 'near' | 'wide' | 'low';
  readonly says: string;
}

// As pure: low − 1 ≤ onset ≤ high, low − 0.5 ≤ clear ≤ high + 1, no wider than 2 K or the literature, and half a kelvin (domain).
const [below_K, shortOf_K, above_K, slack_K, sharp_K] = [1, 0.5, 1, 0.5, 2];
/** A single literature value is a range of itself, this much to either side, K. */
const single_K = 0.5;
/** Ranges of one sample further apart than this say so, K. */
const spread_K = 1;

// Differences of decimals: 115.0 − 113.0 must not exceed 2 by binary noise.
const tidy = (value: number) => Math.round(value * 1e6) / 1e6;

/** The literature's range; of a single value the range around it, °C. */
export function literatureRange({
  low,
  high,
}: Pick<MeltingDatum, 'low' | 'high'>): readonly [low: number, high: number] {
  const [from, to] = [Number(low), Number(high)];
  return from === to ? [from - single_K, to + single_K] : [from, to];
}

/**
 * Judges a melting range against the literature range, in words that go as far as the evidence.
 *
 * @param run onset and clear point, corrected where the apparatus is calibrated, °C
 * @param runs all of the sample: sound ones that differ are said
 */
export function verdict(
  run: MeltingRun | undefined,
  literature: MeltingDatum | undefined,
  name: string,
  runs: readonly MeltingRun[] = [],
): Verdict {
  const judged = judge(run, literature, name);
  const apart = spreadOf(runs);
  return apart === undefined
    ? judged
    : { ...judged, says: `${judged.says} The capillaries differ by ${kelvins(apart)}: melt another.` };
}

const kelvins = (value: number) => format({ dim: 'temperatureDifference', value }, 'K', { decimals: 1 });

/** How far the sound ranges of one sample lie apart, K; nothing when that is within what a reading is good for. */
function spreadOf(runs: readonly MeltingRun[]): number | undefined {
  const sound = runs.filter((one) => one.sound);
  if (sound.length < 2) return undefined;
  const span = (of: (one: MeltingRun) => number) => Math.max(...sound.map(of)) - Math.min(...sound.map(of));
  const apart = tidy(
    Math.max(
      span(({ onset }) => onset.q.value),
      span(({ clear }) => clear.q.value),
    ),
  );
  return apart > spread_K ? apart : undefined;
}

function judge(run: MeltingRun | undefined, literature: MeltingDatum | undefined, name: string): Verdict {
  if (!run) return { kind: 'missing', says: 'No melting range was measured.' };
  const [onset, clear] = [run.onset.q.value, run.clear.q.value];
  if (!run.sound)
    return {
      kind: 'fast',
      says: 'Heated too fast near the melt: the range says little. Melt a fresh capillary slowly.',
    };
  if (!literature) return { kind: 'noLiterature', says: 'No literature range is known to compare with.' };
  const [low, high] = literatureRange(literature);
  const width = tidy(clear - onset);
  const widest = Math.max(sharp_K, tidy(high - low)) + slack_K;
  const inside = onset >= low - below_K && onset <= high && clear >= low - shortOf_K && clear <= high + above_K;
  if (inside && width <= widest)
    return run.calibrated
      ? {
          kind: 'agrees',
          says: `Sharp, and where pure ${name} melts. A range supports the identity, it does not prove it.`,
        }
      : {
          kind: 'near',
          says: `Sharp, and near where pure ${name} melts; the apparatus is not calibrated. A range supports the identity, it does not prove it.`,
        };
  if (onset > high || clear > high + above_K)
    return { kind: 'high', says: `Above what ${name} can reach: look at the thermometer first, then at the compound.` };
  if (width > widest)
    return { kind: 'wide', says: `${kelvins(width)} wide${clear < low ? ' and low' : ''}: impure, or not dry.` };
  return { kind: 'low', says: `Sharp, but below ${name}: thermometer, wet sample, or another compound.` };
}
