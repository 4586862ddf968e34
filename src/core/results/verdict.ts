import { allowance_K } from '../operations/meltingRange/types';
import { format } from '../quantity/format';
import type { MeltingRun } from '../operations/operation';
import type { MeltingDatum } from '../preparation/document';

/** What a melting range says, and no more than that. */
export interface Verdict {
  readonly kind: 'missing' | 'fast' | 'noLiterature' | 'high' | 'agrees' | 'wide' | 'low';
  readonly says: string;
}

// A pure compound melts within about 2 °C, and within about 2 °C of the accepted range (domain: melting range).
const sharp_K = 2;
const near_K = 2;

/**
 * Judges a melting range against the literature range, in words that go as far as the evidence.
 *
 * @param run corrected onset and clear point, °C
 */
export function verdict(run: MeltingRun | undefined, literature: MeltingDatum | undefined, name: string): Verdict {
  if (!run) return { kind: 'missing', says: 'No melting range was measured.' };
  const [onset, clear] = [run.onset.q.value, run.clear.q.value];
  if (!run.sound)
    return {
      kind: 'fast',
      says: 'Heated too fast near the melt: the range says little. Melt a fresh capillary slowly.',
    };
  if (!literature) return { kind: 'noLiterature', says: 'No literature range is known to compare with.' };
  const [low, high] = [Number(literature.low), Number(literature.high)];
  // Differences of decimals: 115.0 − 113.0 must not exceed 2 by binary noise.
  const width = Math.round((clear - onset) * 1e6) / 1e6;
  if (onset > high + allowance_K)
    return { kind: 'high', says: `Above what ${name} can reach: look at the thermometer first, then at the compound.` };
  if (width <= sharp_K && clear >= low - near_K && onset >= low - near_K)
    return {
      kind: 'agrees',
      says: `Sharp, and where pure ${name} melts. A range supports the identity, it does not prove it.`,
    };
  if (width > sharp_K)
    return {
      kind: 'wide',
      says: `${format({ dim: 'temperatureDifference', value: width }, 'K', { decimals: 1 })} wide${clear < low ? ' and low' : ''}: impure, or not dry.`,
    };
  return { kind: 'low', says: `Sharp, but below ${name}: thermometer, wet sample, or another compound.` };
}
