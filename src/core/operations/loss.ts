import type { Worked } from '../quantity/worked';

/** A loss that a model foresees. */
export interface Loss {
  readonly key: string;
  readonly label: string;
  /** Stage whose making cost it. */
  readonly stage: string;
  readonly mass: Worked<'mass'>;
  /** Reaction that has not made it yet: it is found anew at each step in which the reaction runs. */
  readonly reaction?: string;
}
