import { schoolOf } from '../conventions/catalogue';
import type { Preparation } from '../document/document';
import { finding } from '../finding/finding';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { contentOf, earlierOf } from '../document/steps';
import { inSentence } from '../document/inSentence';
import { rootOf } from '../document/reactions';
import { stageBasis } from '../plan/stageBasis';
import { percentFact, worked } from './numbers';
import type { Finding, Place } from '../finding/finding';
import type { Stage } from '../document/steps';
import type { StageMass } from './stageMass';
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
export function isMade({ origin }: Stage): boolean {
  return origin?.by !== 'content' && origin?.by !== 'stage';
}

/** Mass of the stage that a stage was made from. */
export function beforeOf({ massOf }: Pick<Bench, 'massOf'>, stage: Stage): StageMass | undefined {
  const earlier = earlierOf(stage);
  return earlier === undefined ? undefined : massOf(earlier);
}

/** What a stage can be at most: the theoretical yield, or what was taken of it where nothing is made. */
export function mostOfStage({ doc, charge }: Charged, stage: Stage): Worked<'mass'> | undefined {
  const root = rootOf(doc, stage);
  if (contentOf(root)) return stageBasis({ doc, charge: charge.actual }, root);
  const actual = stageBasis({ doc, charge: charge.actual }, root);
  return actual && onPlan(doc) ? stageBasis({ doc, charge: charge.issued }, root) : actual;
}

/**
 * Theoretical yield of what the preparation is for, from what was charged, or where the course's convention says so from the planned
 * amounts; nothing before every reactant is measured.
 */
export function theory({ doc, charge }: Charged): Worked<'mass'> | undefined {
  const actual = charge.actual.product?.mass;
  return actual && onPlan(doc) ? charge.issued.product?.mass : actual;
}

type Charged = Pick<Bench, 'doc' | 'charge'>;

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
  if (contentOf(stage)) return recoveryOf(mass, mostOfStage(bench, stage));
  return earlierOf(stage) === undefined
    ? yieldOf(mass, mostOfStage(bench, stage))
    : recoveryOf(mass, bench.inputOf(stage.id) ?? beforeOf(bench, stage)?.mass);
}

/** A share of nothing is none. */
const something = (mass: Worked<'mass'> | undefined): mass is Worked<'mass'> => mass !== undefined && mass.q.value > 0;

/** Percent yield `Y = m / m_theo`; none where the theory is nothing. */
export function yieldOf(mass: Worked<'mass'>, m_theo: Worked<'mass'> | undefined): Worked<'fraction'> | undefined {
  if (!something(m_theo)) return undefined;
  return derive({
    formula: 'percentYield',
    dim: 'fraction',
    unit: '%',
    value: mass.q.value / m_theo.q.value,
    inputs: { m: fromWorked(mass), m_theo: fromWorked(m_theo) },
  });
}

/** Percent recovery `R = m / m_before`; none where there was nothing before. */
export function recoveryOf(mass: Worked<'mass'>, before: Worked<'mass'> | undefined): Worked<'fraction'> | undefined {
  if (!something(before)) return undefined;
  return derive({
    formula: 'percentRecovery',
    dim: 'fraction',
    unit: '%',
    value: mass.q.value / before.q.value,
    inputs: { m: fromWorked(mass), m_before: fromWorked(before) },
  });
}

// Below this share something is wrong with the number rather than with the work (domain: under 5 %).
const hardlyAnything = 0.05;

/** What a mass says at once: more than can be, by what went in or by what the charge allows, or hardly anything. */
export function massFindings(context: StepContext, id: string, mass: Worked<'mass'>, about: Place): readonly Finding[] {
  const { bench } = context;
  const stage = stageOf(bench, id);
  if (!stage) return [];
  const share = shareOf(bench, stage, mass);
  const most = mostOfStage(bench, stage);
  // Also where nothing was weighed on the way to it.
  const whole = most && mass.q.value / most.q.value;
  const says = (rule: 'stage.overTheory' | 'stage.overBefore' | 'stage.little', value: number) =>
    finding(rule, 'caution', about, { stage: stage.name, mass: worked(mass), share: percentFact(value) });
  const made = contentOf(rootOf(bench.doc, stage)) === undefined;
  const more = moreIn(context, stage, about);
  if (made && whole !== undefined && whole > 1) return [says('stage.overTheory', whole), ...more];
  const over = share && share.q.value > 1 ? share.q.value : whole !== undefined && whole > 1 ? whole : undefined;
  if (over !== undefined) return [says(isMade(stage) ? 'stage.overTheory' : 'stage.overBefore', over), ...more];
  return [...(share && share.q.value < hardlyAnything ? [says('stage.little', share.q.value)] : []), ...more];
}

/** More goes into a purification than the stage before it weighed. */
function moreIn({ bench }: StepContext, stage: Stage, about: Place): readonly Finding[] {
  const input = bench.inputOf(stage.id);
  const before = beforeOf(bench, stage)?.mass;
  const noise = Math.hypot(input?.u ?? 0, before?.u ?? 0) * 2;
  if (!input || !before || input.q.value <= before.q.value + Math.max(noise, 1e-9)) return [];
  return [
    finding('stage.moreIn', 'caution', about, {
      stage: stageOf(bench, earlierOf(stage) ?? '')?.name ?? stage.name,
      mass: worked(before),
      input: worked(input),
    }),
  ];
}
