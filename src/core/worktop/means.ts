/** A line of solvent that dissolves a stage hot. */
export interface HotSolvent {
  readonly line: string;
  readonly stage: string;
  /** Beyond the least, boiled off before it cools; a fraction of the least. */
  readonly excess: number;
  readonly cold_C: number;
}

/** How a pair of liquids is distilled apart. */
export interface Cuts {
  readonly lighter: string;
  readonly heavier: string;
  readonly stages: number;
  readonly reflux: number;
  readonly limits_C: readonly number[];
}

/** What a step is about, for those that have to know of it. */
export interface Means {
  /** Stage that it works towards, where it says so. */
  readonly goal?: string;
  readonly hot?: HotSolvent;
  /** How long it acts by the sheet, min: less than the step takes, with its setting up. */
  readonly acts_min?: number;
}
