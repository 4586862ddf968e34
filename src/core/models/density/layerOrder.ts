import { assertPositive } from '../guards';

/** Below this difference, g/mL, layers part slowly or not at all (practical-course rule). */
export const doubtfulDifference = 0.05;

/** Which of two liquids is on top, and whether to trust it. */
export interface LayerOrder {
  readonly upper: 'organic' | 'aqueous';
  /** Lower less upper, g/mL. */
  readonly difference: number;
  readonly doubtful: boolean;
}

/**
 * Which layer is on top, by density. A prediction: solutes can invert it, so it is tested with drops of water.
 *
 * @param organic,aqueous g/mL of the layers as they are, solutes included
 * @example layerOrder(0.74, 1).upper // → 'organic'
 */
export function layerOrder(organic: number, aqueous: number): LayerOrder {
  assertPositive({ organic, aqueous });
  const difference = Math.abs(aqueous - organic);
  return { upper: organic <= aqueous ? 'organic' : 'aqueous', difference, doubtful: difference < doubtfulDifference };
}
