import type { InfraredBand, MeltingStandard, Visualizer } from '../reference/spectra';
import type { Picked } from './fromReference';
import type { ReferenceSolution } from '../reference/solution';
import type { ReferenceSubstance } from '../reference/substance';

/** Everything the page of one entry shows. */
export interface EntryPage {
  readonly picked: Picked;
  /** Newest version number of own values; 0 when there never were any. */
  readonly version: number;
  /** Somebody's own values are in force. */
  readonly own?: { readonly author: string; readonly at: string };
  /** The product ships an entry of this id. */
  readonly shipped: boolean;
  /** What a solution is made from. */
  readonly madeFrom?: ReferenceSubstance | ReferenceSolution;
  /** Solutions of a substance. */
  readonly solutions: readonly { readonly id: string; readonly name: string }[];
  readonly usedIn: readonly { readonly id: string; readonly title: string }[];
  readonly bands: readonly InfraredBand[];
  readonly visualizers: readonly Visualizer[];
  readonly standard?: MeltingStandard;
}
