import type { ChargeLine, Preparation } from './document';
import type { Term } from './reaction';

/** A stage of format 2. */
export interface EarlierStage {
  readonly id: string;
  readonly name: string;
  readonly substance: string;
  /** "charge", or an earlier stage. */
  readonly from: string;
  readonly basis?: { readonly line: string; readonly percent?: string };
}

/** A document of format 2; one of format 1 has no stages and no steps. */
export interface EarlierPreparation extends Omit<
  Preparation,
  'formatVersion' | 'reactions' | 'reference' | 'lines' | 'stages' | 'steps'
> {
  readonly formatVersion: 1 | 2;
  readonly equation: { readonly terms: readonly Term[]; readonly product: string };
  readonly reference: string;
  readonly lines: readonly Omit<ChargeLine, 'reaction' | 'supply' | 'solvent' | 'contains'>[];
  readonly stages?: readonly EarlierStage[];
  readonly steps?: Preparation['steps'];
}
