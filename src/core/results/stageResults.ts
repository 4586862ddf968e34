import { listedBoiling_C } from '../reference/listedBoiling';
import { bestRun } from '../operations/bestRun';
import { inSentence } from '../document/inSentence';
import { beforeOf, isMade, mostOfStage, recoveryOf, shareOf, yieldOf } from '../operations/stages';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { contentOf, earlierOf } from '../document/steps';
import { reactionBehind, rootOf, supplyOf } from '../document/reactions';
import { boilingVerdict } from './boilingVerdict';
import { headWindow } from '../operations/headWindow';
import { verdict } from './verdict';
import type { BoilingVerdict } from './boilingVerdict';
import type { StepState } from '../bench/benchState';
import type { Substance } from '../document/document';
import type { Bench, MeltingRun } from '../operations/operation';
import type { MeltingDatum } from '../document/document';
import type { Stage } from '../document/steps';
import type { StageMass } from '../operations/stageMass';
import type { Verdict } from './verdict';
import type { Worked } from '../quantity/worked';

/** What one stage of the product came to. */
export interface StageResult {
  readonly stage: Stage;
  /** A yield when a reaction lies between it and what it was made from, a recovery when only a purification does. */
  readonly kind: 'yield' | 'recovery';
  readonly mass?: StageMass;
  readonly share?: Worked<'fraction'>;
  /** Percent yield on the actual charge, for every stage; the same as `share` for a stage that the reaction made. */
  readonly percentYield?: Worked<'fraction'>;
  /** The same where only a part of an earlier stage was taken on: what all of it would have come to, by proportion. */
  readonly projected?: Worked<'fraction'>;
  /** Over all reactions on the way, where it was made of an isolated stage: their yields multiplied. */
  readonly overall?: Worked<'fraction'>;
  /** Where nothing is made: percent recovery of what was taken, or of what the material is declared to hold. */
  readonly recovered?: Worked<'fraction'>;
  readonly runs: readonly MeltingRun[];
  /** The run that counts: the last one with a sound ramp. */
  readonly best?: MeltingRun;
  readonly literature?: MeltingDatum;
  readonly verdict: Verdict;
  /** Of a liquid: what its boiling range says; a liquid is not asked for a melting range. */
  readonly boiling?: BoilingVerdict;
  /** Of all areas in its chromatogram; no mass fraction. */
  readonly area?: Worked<'fraction'>;
  /** The areas were divided by their response factors before. */
  readonly corrected?: true;
}

/** Results of every stage, in the order of the preparation. */
export function stageResults(bench: Bench, steps: readonly StepState[] = []): readonly StageResult[] {
  return bench.doc.stages.map((stage) => stageResult(bench, stage, steps));
}

function stageResult(bench: Bench, stage: Stage, steps: readonly StepState[]): StageResult {
  const mass = bench.massOf(stage.id);
  const share = mass && shareOf(bench, stage, mass.mass);
  const most = mostOfStage(bench, stage);
  const nothingMade = contentOf(rootOf(bench.doc, stage)) !== undefined;
  const percentYield = mass && !nothingMade ? yieldOf(mass.mass, most) : undefined;
  const recovered = mass && nothingMade ? recoveryOf(mass.mass, most) : undefined;
  const runs = bench.meltingOf(stage.id);
  const best = bestRun(runs);
  const substance = bench.doc.substances.find(({ id }) => id === stage.substance);
  const area = steps
    .flatMap(({ operation, actual, context }) => operation.purity?.(actual, context) ?? [])
    .findLast((one) => one.stage === stage.id);
  const boiling = isLiquid(substance) ? boilingOf(steps, stage, substance) : undefined;
  return {
    stage,
    kind: isMade(stage) ? 'yield' : 'recovery',
    ...(mass ? { mass } : {}),
    ...(share ? { share } : {}),
    ...(percentYield ? { percentYield } : {}),
    ...(percentYield ? projection(bench, stage, percentYield) : {}),
    ...(percentYield ? overallOf(bench, stage, percentYield) : {}),
    ...(recovered ? { recovered } : {}),
    runs,
    ...(best ? { best } : {}),
    ...(substance?.melting ? { literature: substance.melting } : {}),
    ...(boiling ? { boiling } : {}),
    ...(area ? { area: area.area, ...(area.corrected ? { corrected: true } : {}) } : {}),
    verdict: verdict(best, substance?.melting, inSentence(substance?.name ?? stage.name), runs),
  };
}

/** Less taken on than this share of what there was is a part, and no loss. */
export const partTakenOn = 0.9;

/** Shares of the earlier stages that were taken on, from the charge down to a stage. */
export function takenOn(bench: Bench, stage: Stage): number {
  const earlier = bench.doc.stages.find(({ id }) => id === earlierOf(stage));
  const [input, before] = [bench.inputOf(stage.id), beforeOf(bench, stage)?.mass];
  const share = input && before ? input.q.value / before.q.value : 1;
  return (share < partTakenOn ? share : 1) * (earlier ? takenOn(bench, earlier) : 1);
}

function projection(bench: Bench, stage: Stage, percentYield: Worked<'fraction'>): { projected?: Worked<'fraction'> } {
  const share = takenOn(bench, stage);
  if (share === 1) return {};
  return {
    projected: derive({
      formula: 'projectedYield',
      dim: 'fraction',
      unit: '%',
      value: percentYield.q.value / share,
      inputs: {
        Y: fromWorked(percentYield),
        f: { q: { dim: 'fraction', value: share }, unit: '%', figures: 3, source: { at: 'setting', id: 'taken on' } },
      },
    }),
  };
}

/** Yields of the reactions from the first charge to a stage, multiplied (each counts on what was charged for it). */
function overallOf(bench: Bench, stage: Stage, percentYield: Worked<'fraction'>): { overall?: Worked<'fraction'> } {
  const before = yieldsBefore(bench, stage);
  if (!before || before.length === 0) return {};
  const all = [...before, percentYield];
  return {
    overall: derive({
      formula: 'overallYield',
      dim: 'fraction',
      unit: '%',
      value: all.reduce((product, one) => product * one.q.value, 1),
      inputs: Object.fromEntries(all.map((one, i) => [`Y_${i + 1}`, fromWorked(one)])),
    }),
  };
}

/** Yields of the stages that feed the reaction behind a stage, the first one first; nothing while one of them is not known. */
function yieldsBefore(
  bench: Bench,
  stage: Stage,
  after: readonly Stage[] = [],
): readonly Worked<'fraction'>[] | undefined {
  const reaction = reactionBehind(bench.doc, stage);
  const from = reaction && supplyOf(bench.doc, reaction)?.supply?.stage;
  const fed = bench.doc.stages.find(({ id }) => id === from);
  if (!fed || after.includes(fed) || contentOf(rootOf(bench.doc, fed))) return [];
  const mass = bench.massOf(fed.id)?.mass;
  const own = mass && yieldOf(mass, mostOfStage(bench, fed));
  const earlier = yieldsBefore(bench, fed, [...after, stage]);
  return own && earlier ? [...earlier, own] : undefined;
}

/** A liquid at room temperature: said so, or with a boiling point and no melting point. */
function isLiquid(substance: Substance | undefined): boolean {
  if (substance?.form !== undefined) return substance.form === 'liquid';
  return substance?.boiling !== undefined && substance.melting === undefined;
}

function boilingOf(steps: readonly StepState[], stage: Stage, substance: Substance | undefined): BoilingVerdict {
  const found = steps.flatMap(({ operation, actual, context }) => {
    const range = operation.boiling?.(actual, context);
    return range?.stage === stage.id ? [{ range, context }] : [];
  });
  const last = found.at(-1);
  const name = inSentence(substance?.name ?? stage.name);
  const literature = listedBoiling_C(substance);
  if (!last || !Number.isFinite(literature)) return boilingVerdict(last?.range, {}, name);
  const { at, because } = headWindow(last.context, stage.substance);
  return boilingVerdict(
    last.range,
    { literature, expected: at(literature), ...(because === undefined ? {} : { because }) },
    name,
  );
}
