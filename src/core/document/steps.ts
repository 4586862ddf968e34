/** A material that is weighed and characterized on the way: crude product, pure product, second crop. */
export interface Stage {
  readonly id: string;
  readonly name: string;
  readonly substance: string;
  /** The charge, when a reaction lies between (then its share is a yield), or an earlier stage (then it is a recovery). */
  readonly from: string;
  /** Without a reaction: what a line brought of it, all of its mass or a declared content. Its share is a recovery. */
  readonly basis?: { readonly line: string; readonly percent?: string };
}

/** Source of a stage that a reaction made. */
export const fromCharge = 'charge';

/** How long a step takes, and whether somebody must stand by. */
export interface StepTime {
  readonly typical_min: number;
  readonly attended: boolean;
}

/** One step of the procedure: an operation with its parameters. Steps follow each other in the order of the list. */
export interface Step {
  readonly id: string;
  /** Name of the operation in the registry. */
  readonly op: string;
  readonly opVersion: number;
  readonly params: Readonly<Record<string, unknown>>;
  /** Vessels by what they are to the step: `in`, `to`. */
  readonly uses?: Readonly<Record<string, string>>;
  /** Instrument that the step's own readings are made with, unless the bench takes another. */
  readonly device?: string;
  /** What the author adds for the bench. */
  readonly text?: string;
  /** What is seen when it goes well. */
  readonly expect?: readonly string[];
  readonly time: StepTime;
  /** Why one may stop after this step, and how it is kept. */
  readonly safeStop?: string;
  /** What the author knows better than the models' own assumptions, by the assumption's key and in its unit. */
  readonly assume?: Readonly<
    Record<string, { readonly low?: number; readonly typical: number; readonly high?: number }>
  >;
  /** May be left out without a reason. */
  readonly optional?: boolean;
}
