import { schoolOf } from '../conventions/catalogue';
import type { Preparation } from '../preparation/document';
import { finding } from '../finding/finding';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { fromCharge } from '../preparation/steps';
import { inSentence } from '../preparation/inSentence';
import { rootOf } from '../preparation/mainStages';
import { stageBasis } from '../preparation/stageBasis';
import { percent, worked } from './numbers';
import type { Finding, Place } from '../finding/finding';
import type { Stage } from '../preparation/steps';
import type { Worked } from '../quantity/worked';
import type { Bench, StepContext } from './operation';

/** A stage of the preparation. */
export function stageOf({ doc }: Pick<Bench, 'doc'>, id: string): Stage | undefined {
  return doc.stages.find((stage) => stage.id === id);
}

/** Name of a stage inside a sentence. */
export function stageName({ bench }: StepContext, id: string): string {
  return inSentence(stageOf(bench, id)?.name ?? id);
}

/** Whether a reaction lies between the charge and a stage: its share is a yield then. */
export function isMade({ from, basis }: Stage): boolean {
  return from === fromCharge && basis === undefined;
}

/** What a stage can be at most: the theoretical yield, or what was taken of it where nothing is made. */
export function mostOf(bench: Pick<Bench, 'doc' | 'charge'>, stage: Stage): Worked<'mass'> | undefined {
  const root = rootOf(bench.doc, stage);
  return root.basis ? stageBasis({ charge: bench.charge.actual }, root) : theory(bench);
}

/**
 * Theoretical yield from what was charged, or where the course's convention says so from the planned amounts; nothing before
 * every reactant is measured.
 */
export function theory({ doc, charge }: Pick<Bench, 'doc' | 'charge'>): Worked<'mass'> | undefined {
  const actual = charge.actual.product?.mass;
  return actual && onPlan(doc) ? charge.planned?.mass : actual;
}

/** Whether percent yields rest on the planned amounts. */
export function onPlan({ conventions }: Pick<Preparation, 'conventions'>): boolean {
  return schoolOf(conventions, 'yieldBasis') === 'planned';
}

/**
 * A mass as share of what it can be at most: a percent yield when a reaction lies between, a percent recovery otherwise.
 *
 * @param stage whose mass it is
 */
export function shareOf(
  bench: Pick<Bench, 'doc' | 'charge' | 'massOf' | 'inputOf'>,
  stage: Stage,
  mass: Worked<'mass'>,
): Worked<'fraction'> | undefined {
  if (stage.basis) return recoveryOf(mass, mostOf(bench, stage));
  return stage.from === fromCharge
    ? yieldOf(mass, theory(bench))
    : recoveryOf(mass, bench.inputOf(stage.id) ?? bench.massOf(stage.from)?.mass);
}

/** Percent yield `Y = m / m_theo`. */
export function yieldOf(mass: Worked<'mass'>, m_theo: Worked<'mass'> | undefined): Worked<'fraction'> | undefined {
  return (
    m_theo &&
    derive({
      formula: 'percentYield',
      dim: 'fraction',
      unit: '%',
      value: mass.q.value / m_theo.q.value,
      inputs: { m: fromWorked(mass), m_theo: fromWorked(m_theo) },
    })
  );
}

/** Percent recovery `R = m / m_before`. */
export function recoveryOf(mass: Worked<'mass'>, before: Worked<'mass'> | undefined): Worked<'fraction'> | undefined {
  return (
    before &&
    derive({
      formula: 'percentRecovery',
      dim: 'fraction',
      unit: '%',
      value: mass.q.value / before.q.value,
      inputs: { m: fromWorked(mass), m_before: fromWorked(before) },
    })
  );
}

// Below this share something is wrong with the number rather than with the work (domain: under 5 %).
const hardlyAnything = 0.05;

/** What a mass says at once: more than can be, or hardly anything. */
export function massFindings(context: StepContext, id: string, mass: Worked<'mass'>, about: Place): readonly Finding[] {
  const stage = stageOf(context.bench, id);
  const share = stage && shareOf(context.bench, stage, mass);
  if (!stage || !share) return [];
  const args = { stage: stage.name, mass: worked(mass), share: percent(share.q.value) };
  if (share.q.value > 1)
    return [finding(isMade(stage) ? 'stage.overTheory' : 'stage.overBefore', 'caution', about, args)];
  return share.q.value < hardlyAnything ? [finding('stage.little', 'caution', about, args)] : [];
}
