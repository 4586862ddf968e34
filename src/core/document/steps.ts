export const measures = ['mass', 'volume'] as const;

/** A material that is weighed and characterized on the way: crude product, pure product, second crop. */
export interface Stage {
  readonly id: string;
  readonly name: string;
  readonly substance: string;
  /** Where it comes from; not said yet in a document that is half written. */
  readonly origin?: Origin;
  /** How it is measured: a volume is less certain than a mass. */
  readonly measure: (typeof measures)[number];
}

/**
 * Where a stage comes from: a reaction made it, as its product or beside it (then its share is a yield); a line brought it, all of its
 * mass or a declared content; or an earlier stage was worked on (then it is a recovery).
 */
export type Origin =
  | { readonly by: 'reaction' | 'byProduct'; readonly reaction: string }
  | { readonly by: 'content'; readonly line: string; readonly percent?: string }
  | { readonly by: 'stage'; readonly stage: string };

/** The stage that a stage was made from; none when it comes from the charge. */
export const earlierOf = ({ origin }: Stage): string | undefined => (origin?.by === 'stage' ? origin.stage : undefined);

/** What a line brought of a stage, where nothing is made. */
export const contentOf = ({ origin }: Stage): Extract<Origin, { by: 'content' }> | undefined =>
  origin?.by === 'content' ? origin : undefined;

/** What ends a repetition, in words. */
export const untilWords = {
  noGas: 'no more gas comes',
  pH: 'the pH is reached',
  noChange: 'nothing changes any more',
} as const;
export const repeatedUntil = Object.keys(untilWords) as readonly (keyof typeof untilWords)[];

/** How long a step takes, and whether somebody must stand by. */
export interface StepTime {
  readonly typical_min: number;
  /** The quickest and the slowest that groups take, where somebody knows. */
  readonly least_min?: number;
  readonly most_min?: number;
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
  /** Steps that have to be done before it. @default the one before it in the list */
  readonly after?: readonly string[];
  /** Done again until something is seen, between a least and a most number of times. */
  readonly repeat?: { readonly until: (typeof repeatedUntil)[number]; readonly least: number; readonly most: number };
}
