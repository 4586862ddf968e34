import { computePlan } from '../plan/plan';
import { format } from '../quantity/format';
import { earlierOf } from '../document/steps';
import { inSentence } from '../document/inSentence';
import { findUnit } from '../quantity/units';
import { stageBasis } from '../plan/stageBasis';
import type { Preparation } from '../document/document';
import type { Worked } from '../quantity/worked';

/** A number that a class was issued with: in the canonical unit, with what it is printed in. */
export interface BaselineNumber {
  readonly key: string;
  readonly label: string;
  readonly value: number;
  readonly unit: string;
  readonly figures: number;
}

/** The numbers on which all results of a class rest. */
export type Baseline = readonly BaselineNumber[];

/** What benches are asked to measure, and what can come of it at most, as this version of the core computes it. */
export function baselineOf(doc: Preparation): Baseline {
  const plan = computePlan(doc);
  const numbers: (readonly [key: string, label: string, worked: Worked | undefined])[] = [
    ...plan.lines.map(
      ({ facts, target }) =>
        [`target/${facts.line.id}`, `target of ${inSentence(facts.name)}`, target?.rounded] as const,
    ),
    ['theory', 'theoretical yield', plan.charge.product?.mass],
    ...doc.stages
      .filter((stage) => earlierOf(stage) === undefined)
      .map((stage) => [`most/${stage.id}`, `the most of ${inSentence(stage.name)}`, stageBasis(plan, stage)] as const),
  ];
  return numbers.flatMap(([key, label, worked]) =>
    worked ? [{ key, label, value: worked.q.value, unit: worked.unit, figures: worked.figures }] : [],
  );
}

// Sums in another order differ in the last bits of a double.
const same = 1e-9;

/**
 * Where today's core comes to other numbers than the one that a class was issued with, in words; none where both agree.
 *
 * @example the theoretical yield was 2.97 g and is 2.96 g
 */
export function drift(before: Baseline, now: Baseline): readonly string[] {
  const today = new Map(now.map((one) => [one.key, one]));
  const known = new Set(before.map(({ key }) => key));
  return [
    ...before.flatMap((one) => {
      const other = today.get(one.key);
      if (!other) return [`${one.label} was ${text(one)} and is nothing`];
      const off = Math.abs(other.value - one.value) > same * Math.max(Math.abs(one.value), Math.abs(other.value));
      return off || other.unit !== one.unit ? [`${one.label} was ${text(one)} and is ${text(other)}`] : [];
    }),
    ...now.filter(({ key }) => !known.has(key)).map((one) => `${one.label} was nothing and is ${text(one)}`),
  ];
}

const text = ({ value, unit, figures }: BaselineNumber) => {
  const dim = findUnit(unit)?.dim ?? 'number';
  // One figure more than is measured: what differs has to be seen.
  return format({ dim, value }, unit, { figures: figures + 1 });
};
