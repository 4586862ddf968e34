import { computePlan } from '../preparation/plan';
import { chargeTable, speciesOf, takesPart } from '../preparation/chargeTable';
import { factsOf, numeral } from '../preparation/facts';
import { derive } from '../stoichiometry/derive';
import { formatDigits } from '../quantity/format';
import { fromWorked } from '../quantity/worked';
import { chargeFindings } from './chargeFindings';
import { measuredAmount, readingsOf } from './measured';
import type { Charge } from '../preparation/chargeTable';
import type { Preparation } from '../preparation/document';
import type { Facts } from '../preparation/facts';
import type { Finding } from '../finding/finding';
import type { Live } from './foldRecord';
import type { LineReadings } from './measured';
import type { Amounts, Measured } from '../stoichiometry/lineAmounts';
import type { Plan, PlanLine } from '../preparation/plan';

/** One line at the bench: what is asked now, and what was taken. */
export interface BenchLine {
  /** The line of the plan as it applies now: after the reference was measured, its target follows what was taken. */
  readonly plan: PlanLine;
  /** What was asked for, all portions together: as issued for the reference, as re-targeted for the rest. */
  readonly goal: Amounts;
  /** The target as issued, when it has moved. */
  readonly issuedTarget?: Measured;
  readonly readings: LineReadings;
  /** All portions together, as measured. */
  readonly taken?: Measured;
}

/** The charge of a bench: planned and taken, never merged; the yield's basis is what was taken. */
export interface BenchCharge {
  /** Targets in force: re-targeted once the reference has been measured. */
  readonly plan: Plan;
  readonly retargeted: boolean;
  readonly lines: readonly BenchLine[];
  /** From readings alone; extents and yield only when every reactant has been measured. */
  readonly actual: Charge;
  readonly findings: readonly Finding[];
}

/**
 * What a bench has charged, from the issued preparation and the bench's record alone.
 *
 * @param issued the frozen document of the class
 * @param record the folded record
 */
export function benchCharge(issued: Preparation, record: readonly Live[]): BenchCharge {
  const facts = factsOf(issued);
  const before = computePlan(issued);
  const taken = new Map<string, Measured>();
  for (const { id } of issued.lines) {
    const amount = measuredAmount(readingsOf(record, id), issued.devices);
    if (amount) taken.set(id, amount);
  }
  const reference = taken.get(issued.reference);
  const plan = reference ? computePlan(pinnedTo(issued, reference)) : before;
  const actual = chargeTable(facts, new Map([...taken].map(([id, amount]) => [id, onePortion(facts, id, amount)])));
  const lines = plan.lines.map((line, i): BenchLine => {
    const { id } = line.facts.line;
    const old = before.lines[i]?.target?.rounded;
    const moved = old && line.target && old.q.value !== line.target.rounded.q.value && id !== issued.reference;
    const amount = taken.get(id);
    const goal = id === issued.reference ? before.lines[i]?.total : line.total;
    return {
      plan: line,
      goal: goal ?? {},
      ...(moved ? { issuedTarget: old } : {}),
      readings: readingsOf(record, id),
      ...(amount ? { taken: amount } : {}),
    };
  });
  const charge = { plan, retargeted: reference !== undefined, lines, actual };
  return { ...charge, findings: chargeFindings(issued, charge, record) };
}

/** The plan with its pin on what was taken of the reference line: every other target follows. */
function pinnedTo(doc: Preparation, amount: Measured): Preparation {
  const digits = formatDigits(amount.q, amount.unit, { figures: Math.max(amount.figures, 3) });
  return { ...doc, pin: { at: 'line', line: doc.reference, digits, unit: amount.unit, over: 'bench' } };
}

function onePortion(facts: Facts, id: string, all: Measured): Measured {
  const portions = facts.lines.get(id)?.portions ?? 1;
  if (portions === 1) return all;
  const k = numeral(String(portions), 'number', '', { at: 'setting', id, field: 'portions' });
  return derive({
    formula: 'perPortion',
    dim: all.q.dim,
    unit: all.unit,
    value: all.q.value / portions,
    inputs: { x_k: fromWorked(all), k },
  }) as Measured;
}

/** Whether every reactant has been measured, so that the yield's basis is known. */
export function chargeComplete(lines: readonly BenchLine[]): boolean {
  return lines.filter(({ plan }) => takesPart(plan.facts)).every(({ taken }) => taken !== undefined);
}

/** Line that supplies a substance of the equation. */
export function lineOf(lines: readonly BenchLine[], species: string): BenchLine | undefined {
  return lines.find(({ plan }) => takesPart(plan.facts) && speciesOf(plan.facts) === species);
}
