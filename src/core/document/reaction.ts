export interface Term {
  readonly substance: string;
  readonly side: 'left' | 'right';
  readonly coefficient: number;
}

/** A number that its author knows within bounds, in quotes as typed. */
export interface Guess {
  readonly low?: string;
  readonly typical: string;
  readonly high?: string;
}

/** How far a reaction goes: a conversion of what limits it, an equilibrium constant in amounts, or a first-order half-life. */
export type Extent =
  | { readonly by: 'conversion'; readonly percent: Guess }
  | { readonly by: 'equilibrium'; readonly K: Guess }
  | { readonly by: 'halfLife'; readonly minutes: Guess; readonly at_C: number };

/** A step in which a reaction runs. */
export interface ReactionRun {
  readonly step: string;
  /** @default as far as reactions that are taught usually go */
  readonly to?: Extent;
}

/** One reaction of a preparation, as a balanced equation. */
export interface Reaction {
  readonly id: string;
  readonly name: string;
  readonly terms: readonly Term[];
  /** Substance that it is for; not said yet in a document that is half written. */
  readonly product?: string;
  /** Line that is meant to limit it; equivalents and mol % of its lines refer to it. @default the preparation's */
  readonly reference?: string;
  /** Steps in which it runs, in the order of the steps. */
  readonly runs: readonly ReactionRun[];
}
