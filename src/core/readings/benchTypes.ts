import type { Charge } from '../plan/chargeTable';
import type { Finding } from '../finding/finding';
import type { Amounts, Measured } from '../stoichiometry/lineAmounts';
import type { Plan, PlanLine } from '../plan/planTypes';
import type { LineReadings } from './measured';

/** One line at the bench: what is asked now, and what was taken. */
export interface BenchLine {
  /** The line of the plan as it applies now: after the reference was measured, its target follows what was taken. */
  readonly plan: PlanLine;
  /** What was asked for, all portions together: as issued for the reference, as re-targeted for the rest. */
  readonly goal: Amounts;
  /** One portion and all portions together as issued, when the target has moved. */
  readonly issuedTarget?: Measured;
  readonly issuedGoal?: Amounts;
  /** Line whose measured amount the target follows. */
  readonly follows?: string;
  readonly readings: LineReadings;
  /** All portions together, as measured. */
  readonly taken?: Measured;
}

/** The charge of a bench: planned and taken, never merged; the yield's basis is what was taken. */
export interface BenchCharge {
  /** Targets in force: re-targeted once the reference has been measured. */
  readonly plan: Plan;
  readonly lines: readonly BenchLine[];
  /** From readings alone; extents and yield only when every reactant has been measured. */
  readonly actual: Charge;
  /** What the issued amounts would allow, whatever was taken: the other school's basis of the yield. */
  readonly issued: Charge;
  readonly findings: readonly Finding[];
}
