import type { HazardLabel, TabulatedValue } from './substance';
import type { WasteStream } from './wasteStreams';

/** A solution on the shelf or made up for a bench. */
export interface ReferenceSolution {
  readonly id: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  /** Id of the dissolved substance. */
  readonly solute: string;
  /** Id of what it is dissolved in. @default water */
  readonly solvent?: string;
  /** % w/w of the solute. */
  readonly massPercent: TabulatedValue;
  /** g/mL. */
  readonly density: TabulatedValue;
  /** mol/L. */
  readonly molarity: TabulatedValue;
  /** Substance or stronger solution it is made from; absent when it is used as bought. */
  readonly madeFrom?: string;
  /** How to make it, the order of addition first. */
  readonly method: string;
  readonly hazards?: HazardLabel;
  readonly waste?: WasteStream;
}
