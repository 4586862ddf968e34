import { distributionRatio } from '../models/partition/distributionRatio';
import { extractionRounds } from '../models/partition/extractionRounds';
import { leftAfterExtraction, leftAtMostPortions } from '../models/partition/leftAfterExtraction';
import type { Distributed } from '../models/partition/distributionRatio';

/** What an extraction is explored with. */
export interface ExtractionQuestion extends Distributed {
  readonly pH: number;
  /** Which layer is to take it up. */
  readonly into: 'solvent' | 'water';
  readonly aqueous_mL: number;
  /** All portions of what is added, together. */
  readonly added_mL: number;
  readonly organic_mL: number;
  readonly portions: number;
  /** Volume of solvent that a volume of water dissolves. */
  readonly inWater: number;
}

export interface ExtractionAnswer {
  readonly D: number;
  /** Left behind after 1, 2, … portions of the same total. */
  readonly byPortions: readonly { readonly portions: number; readonly left: number }[];
  readonly chosen: number;
  /** No division of this volume leaves less. */
  readonly limit: number;
  /** The same with a solvent that the water dissolves in part; absent when a portion would dissolve whole. */
  readonly withMutual?: number;
  /** What one more portion of this size would still bring. */
  readonly nextGain: number;
  /** Left behind against pH, for what ionizes. */
  readonly byPH: readonly { readonly pH: number; readonly left: number; readonly D: number }[];
}

const mostPortions = 8;

/** Repeated extraction, with ionization: how much stays behind, by portions and by pH. */
export function exploreExtraction(question: ExtractionQuestion): ExtractionAnswer {
  const { pH, into, portions, added_mL, aqueous_mL, organic_mL, inWater } = question;
  const stays = into === 'solvent' ? aqueous_mL : organic_mL;
  // The ratio of what takes over what gives: into water it is turned round.
  const ratio = (at: number) => {
    const D = distributionRatio(question, at);
    return into === 'solvent' ? D : 1 / D;
  };
  const left = (at: number, n: number) => leftAfterExtraction({ D: ratio(at), aqueous: stays, solvent: added_mL }, n);
  const chosen = left(pH, portions);
  const mutual = into === 'solvent' && inWater > 0 && added_mL / portions > inWater * aqueous_mL;
  const rounds = mutual
    ? extractionRounds({
        D: ratio(pH),
        aqueous: aqueous_mL,
        portions: Array.from({ length: portions }, () => added_mL / portions),
        inWater,
        inSolvent: 0,
      })
    : [];
  const last = rounds.at(-1)?.left;
  const one = leftAfterExtraction({ D: ratio(pH), aqueous: stays, solvent: added_mL / portions }, 1);
  return {
    D: distributionRatio(question, pH),
    byPortions: Array.from({ length: mostPortions }, (_, i) => ({ portions: i + 1, left: left(pH, i + 1) })),
    chosen,
    limit: leftAtMostPortions({ D: ratio(pH), aqueous: stays, solvent: added_mL }),
    ...(last === undefined ? {} : { withMutual: last }),
    nextGain: chosen * (1 - one),
    byPH:
      (question.kind ?? 'neutral') === 'neutral'
        ? []
        : Array.from({ length: 57 }, (_, i) => i / 4).map((at) => ({
            pH: at,
            left: left(at, portions),
            D: distributionRatio(question, at),
          })),
  };
}
