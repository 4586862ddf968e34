import type { Preparation } from './document';

/** A preparation in a list. */
export interface PreparationSummary {
  readonly id: string;
  readonly title: string;
  readonly summary: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A preparation at one version. */
export interface StoredPreparation {
  readonly id: string;
  readonly version: number;
  readonly doc: Preparation;
}
