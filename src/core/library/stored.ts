import type { Card } from './card';
import type { Preparation } from '../document/document';

export const levels = ['beginners', 'advanced', 'project'] as const;
export type LearnerLevel = (typeof levels)[number];

/** How a preparation stands on the shelf: what its coordinator says of it, beside the document. */
export interface ShelfNote {
  readonly tags: readonly string[];
  readonly level?: LearnerLevel;
  readonly archived: boolean;
}

/** The last class that ran a preparation, and how it went. */
export interface LastRun {
  readonly classId: string;
  readonly name: string;
  /** ISO 8601. */
  readonly at: string;
  readonly benches: number;
  readonly finished: number;
  /** Median of the yields or recoveries, where there are any. */
  readonly median?: number;
}

/** A preparation in a list. */
export interface PreparationSummary {
  readonly id: string;
  readonly title: string;
  readonly version: number;
  readonly updatedAt: string;
  readonly card: Card;
  readonly shelf: ShelfNote;
  readonly lastRun?: LastRun;
}

export const lengths = ['short', 'period', 'more'] as const;

/** What is looked for among the preparations. */
export interface ShelfQuery {
  /** Words that all have to be found. */
  readonly words?: string;
  /** Name of an operation. */
  readonly operation?: string;
  readonly level?: LearnerLevel;
  /** Short, within a period, or longer. */
  readonly length?: (typeof lengths)[number];
  readonly tag?: string;
  /** Those that were put away instead of the others. */
  readonly archived?: boolean;
  readonly offset?: number;
}

/** One page of what was found. */
export interface ShelfPage {
  readonly total: number;
  readonly found: readonly PreparationSummary[];
  /** Tags in use. */
  readonly tags: readonly string[];
}

/** A version that somebody stored meanwhile, and the one from which both began. */
export interface NewerVersion {
  readonly head: number;
  readonly author: string;
  /** ISO 8601. */
  readonly at: string;
  readonly theirs: Preparation;
  readonly base: Preparation;
}

/** A preparation at one version. */
export interface StoredPreparation {
  readonly id: string;
  readonly version: number;
  readonly doc: Preparation;
}

/** Steps that are kept by themselves, to be put into other procedures. */
export interface StoredBlock {
  readonly id: string;
  readonly author: string;
  /** A preparation in which nothing reacts; its title is the block's. */
  readonly doc: Preparation;
}
