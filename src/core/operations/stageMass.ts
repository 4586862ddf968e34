import type { Worked } from '../quantity/worked';

/** What a stage weighed. */
export interface StageMass {
  readonly stage: string;
  readonly mass: Worked<'mass'>;
  /** Step that found it. */
  readonly step: string;
  /** Dry by constant mass; `looks` when dry by feel and look, `unknown` when nobody said. */
  readonly dry: 'constant' | 'looks' | 'unknown';
  /** ISO 8601 instant of the reading. */
  readonly at: string;
}
