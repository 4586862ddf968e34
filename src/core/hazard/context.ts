import { findOperation } from '../operations/registry';
import { materialOf } from './materials';
import type { Conditions } from '../operations/conditions';
import type { Material } from './materials';
import type { Plan } from '../preparation/planTypes';
import type { Role } from '../preparation/document';

/** A step as the triggers look at it. */
export interface StepFacts {
  readonly id: string;
  readonly conditions: Conditions;
  /** Lines that its parameters name. */
  readonly lines: readonly string[];
}

/** What the triggers look at: the plan's materials and steps. */
export interface HazardContext {
  readonly plan: Pick<Plan, 'doc' | 'lines' | 'charge' | 'findings'>;
  readonly materials: readonly Material[];
  readonly steps: readonly StepFacts[];
  /** First step that names a line. */
  readonly stepOf: (line: string) => string | undefined;
}

/** Gathers a plan for the triggers. */
export function hazardContext(plan: HazardContext['plan']): HazardContext {
  const steps = plan.doc.steps.map(({ id, op, params }): StepFacts => {
    const operation = findOperation(op);
    return {
      id,
      conditions: operation?.conditions?.(params) ?? {},
      lines: (operation?.refs(params).lines ?? []).filter((line) => line !== undefined),
    };
  });
  return {
    plan,
    materials: plan.lines.map(materialOf),
    steps,
    stepOf: (line) => steps.find(({ lines }) => lines.includes(line))?.id,
  };
}

const workUp: ReadonlySet<Role> = new Set(['quench', 'extractant', 'wash']);
const charged: ReadonlySet<Role> = new Set(['reactant', 'reagent in excess', 'catalyst', 'solvent', 'quench']);

/**
 * Whether two materials come together: both go into one vessel, or one of them works up what the other was charged to. Which
 * layer the other is in by then is not known here: the answer is on the safe side.
 */
export function meet({ line: { facts: a } }: Material, { line: { facts: b } }: Material, reaction?: string): boolean {
  if (a.line.id === b.line.id) return false;
  if (a.line.vessel !== undefined && a.line.vessel === b.line.vessel) return true;
  const reacts = ({ line }: typeof a) =>
    charged.has(line.role) && (line.vessel === undefined || line.vessel === reaction || line.role === 'quench');
  return (workUp.has(a.line.role) && reacts(b)) || (workUp.has(b.line.role) && reacts(a));
}

/** Vessel of the reference line: where the reaction runs. */
export function reactionVessel({ plan: { doc } }: HazardContext): string | undefined {
  return doc.lines.find(({ id }) => id === doc.reference)?.vessel;
}
