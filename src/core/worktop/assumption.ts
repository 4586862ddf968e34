import type { Dim } from '../quantity/dims';

/** Something that a model cannot know, with the value it takes for it. Values are in the canonical unit of `dim`. */
export interface AssumptionSpec<D extends Dim = Dim> {
  readonly key: string;
  readonly label: string;
  readonly dim: D;
  readonly unit: string;
  readonly low: number;
  readonly typical: number;
  readonly high: number;
  /** What is possible at all, where that is not what is possible of its dimension. */
  readonly within?: readonly [least: number, most: number];
  /** Touches only companions of what the stage will weigh: its range does not widen that of the mass. */
  readonly aside?: boolean;
  /** Where the value comes from, in a few words. */
  readonly why: string;
}

/** An assumption that a prediction rests on. */
export interface Assumption extends AssumptionSpec {
  /** Unique within the preparation: step and key, or the key alone when it is the same everywhere. */
  readonly id: string;
  readonly step?: string;
  /** The preparation itself says so. */
  readonly written: boolean;
}

/** Which end of its range an assumption takes; typical where nothing is said. */
export type Scenario = Readonly<Record<string, 'low' | 'high'>>;
