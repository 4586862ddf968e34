import { format } from '../quantity/format';
import type { BoilingRange } from '../operations/operation';

/** What a boiling range says of a liquid, and no more than that. */
export interface BoilingVerdict {
  readonly kind: 'missing' | 'noLiterature' | 'agrees' | 'wide' | 'low' | 'high';
  readonly says: string;
  readonly range?: BoilingRange;
}

// A head reads to a few kelvins, and a cut is a few wide.
const near_K = 3;
const widest_K = 5;

/**
 * Judges a boiling range against the literature, brought to the pressure of the room.
 *
 * @param expected where the pure liquid reads on this thermometer at this pressure, °C
 * @param literature at 760 torr, °C
 */
export function boilingVerdict(
  range: BoilingRange | undefined,
  {
    expected,
    literature,
    because,
  }: { readonly expected?: number; readonly literature?: number; readonly because?: string },
  name: string,
): BoilingVerdict {
  if (!range)
    return {
      kind: 'missing',
      says: 'No boiling range was read; refractive index, chromatogram or spectrum tell more of a liquid.',
    };
  const [from, to] = [range.from.q.value, range.to.q.value];
  if (expected === undefined || literature === undefined)
    return { kind: 'noLiterature', says: 'No boiling point is known to compare with.', range };
  const degrees = (value: number) => format({ dim: 'temperature', value }, '°C', { decimals: 1 });
  const beside = `Literature ${degrees(literature)} at 760\u00a0torr${because === undefined ? '' : `, which reads ${degrees(expected)} ${because}`}.`;
  if (Math.abs(to - from) > widest_K)
    return {
      kind: 'wide',
      says: `More than ${widest_K}\u00a0K wide: not one compound, or a slow thermometer. ${beside}`,
      range,
    };
  const middle = (from + to) / 2;
  if (Math.abs(middle - expected) <= near_K)
    return {
      kind: 'agrees',
      says: `Where ${name} boils. ${beside} A boiling range supports the identity, it does not prove it.`,
      range,
    };
  return middle < expected
    ? {
        kind: 'low',
        says: `Below ${name}: a lagging or uncorrected thermometer, solvent or water in it. ${beside}`,
        range,
      }
    : { kind: 'high', says: `Above ${name}: superheated vapour, or something that boils higher. ${beside}`, range };
}
