import type { Imbalance } from '../stoichiometry/balance';
import type { ReactantExtent } from '../stoichiometry/extents';
import type { Amounts, Measured } from '../stoichiometry/lineAmounts';
import type { Finding } from '../finding/finding';
import type { Outcome, Worked } from '../quantity/worked';
import type { AsWritten } from './asWritten';
import type { Charge } from './chargeTable';
import type { Preparation } from '../document/document';
import type { Facts, LineFacts } from './facts';
import type { Target } from './targets';
import type { VesselPlan } from './vesselSizing';

/** One line of the charge table, computed. */
export interface PlanLine {
  readonly facts: LineFacts;
  readonly target?: Target;
  readonly portion: Amounts;
  readonly total: Amounts;
  /** n/n(ref) as practitioners write it, for what takes part or catalyses. */
  readonly equivalents?: Worked<'number'>;
  /** Extent, excess and flip amount of the substance that the line supplies. */
  readonly extent?: ReactantExtent;
  /** The flip amount as the bench would lose it. */
  readonly flip?: Amounts;
  /** All benches with spare, in the dimension that is measured. */
  readonly classTotal?: Measured;
}

/** Everything that follows from a preparation and its pin. */
export interface Plan {
  readonly doc: Preparation;
  readonly factor: Outcome<Worked<'number'>>;
  readonly lines: readonly PlanLine[];
  /** Of each reaction's equation. */
  readonly differences: ReadonlyMap<string, Imbalance>;
  /** From the rounded targets: what the bench is asked to measure. */
  readonly charge: Charge;
  /** The same without rounding. */
  readonly exact: Charge;
  /** Relative change of the theoretical yield by rounding. */
  readonly roundingEffect?: Worked<'fraction'>;
  readonly vessels: readonly VesselPlan[];
  readonly findings: readonly Finding[];
}

/** What the findings look at: the plan before it has any. */
export interface PlanDraft extends Omit<Plan, 'findings'> {
  readonly facts: Facts;
  readonly written: AsWritten;
}
