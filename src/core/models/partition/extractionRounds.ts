import { assertPositive, assertWithin } from '../guards';

/** What a solvent and water take up of each other at about 20 °C. */
export interface MutualSolubility {
  /** Volume of solvent that a volume of water dissolves, mL/mL. */
  readonly inWater: number;
  /** Volume of water that a volume of solvent dissolves, mL/mL. */
  readonly inSolvent: number;
}

export interface RoundsOptions extends Partial<MutualSolubility> {
  readonly D: number;
  /** mL */
  readonly aqueous: number;
  /** mL of each portion. */
  readonly portions: readonly number[];
}

/** One round of an extraction, per unit of what was in the water at first. */
export interface ExtractionRound {
  /** In this extract. */
  readonly extracted: number;
  /** Still in the water. */
  readonly left: number;
  /** Volumes of the layers after settling, mL. */
  readonly organic: number;
  readonly aqueous: number;
}

/**
 * Extraction round by round, with solvent and water that dissolve a little of each other: the first portion saturates the
 * water and comes out smaller, the later ones only lose water's share (mutual solubility at saturation, volumes additive).
 *
 * @throws RangeError when a portion is smaller than what the water dissolves of it
 * @example extractionRounds({ D: 4, aqueous: 100, portions: [25, 25] }).map(({ left }) => left) // → [0.5, 0.25]
 */
export function extractionRounds({
  D,
  aqueous,
  portions,
  inWater = 0,
  inSolvent = 0,
}: RoundsOptions): readonly ExtractionRound[] {
  assertPositive({ D, aqueous });
  assertWithin(0, 0.9, { inWater, inSolvent });
  if (portions.length === 0) throw new RangeError('an extraction has at least one portion, not 0');
  let [left, water, dissolved] = [1, aqueous, 0];
  return portions.map((portion) => {
    assertPositive({ portion });
    const { organic, newWater, newDissolved } = settle(portion, water, dissolved, { inWater, inSolvent });
    const volume = newWater + newDissolved;
    const share = (D * organic) / (D * organic + volume);
    const extracted = left * share;
    left -= extracted;
    [water, dissolved] = [newWater, newDissolved];
    return { extracted, left, organic, aqueous: volume };
  });
}

// The organic layer is V_s of solvent with inSolvent·V_s of water; the aqueous one W of water with inWater·W of solvent.
function settle(portion: number, water: number, dissolved: number, { inWater, inSolvent }: MutualSolubility) {
  const solvent = portion + dissolved;
  const inLayer = (solvent - inWater * water) / (1 - inWater * inSolvent);
  if (!(inLayer > 0)) throw new RangeError(`${portion} mL dissolves in ${water} mL of water: there is no second layer`);
  const newWater = water - inSolvent * inLayer;
  return { organic: inLayer * (1 + inSolvent), newWater, newDissolved: inWater * newWater };
}
