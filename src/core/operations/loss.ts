import type { Worked } from '../quantity/worked';

/** A loss that a model foresees. */
export interface Loss {
  readonly key: string;
  readonly label: string;
  /** Stage whose making cost it. */
  readonly stage: string;
  readonly mass: Worked<'mass'>;
}
