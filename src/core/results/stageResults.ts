import { bestRun } from '../operations/bestRun';
import { inSentence } from '../preparation/inSentence';
import { isMade, mostOf, recoveryOf, shareOf, yieldOf } from '../operations/stages';
import { rootOf } from '../preparation/mainStages';
import { verdict } from './verdict';
import type { Bench, MeltingRun } from '../operations/operation';
import type { MeltingDatum } from '../preparation/document';
import type { Stage } from '../preparation/steps';
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
  /** Where nothing is made: percent recovery of what was taken, or of what the material is declared to hold. */
  readonly recovered?: Worked<'fraction'>;
  readonly runs: readonly MeltingRun[];
  /** The run that counts: the last one with a sound ramp. */
  readonly best?: MeltingRun;
  readonly literature?: MeltingDatum;
  readonly verdict: Verdict;
}

/** Results of every stage, in the order of the preparation. */
export function stageResults(bench: Bench): readonly StageResult[] {
  return bench.doc.stages.map((stage) => stageResult(bench, stage));
}

function stageResult(bench: Bench, stage: Stage): StageResult {
  const mass = bench.massOf(stage.id);
  const share = mass && shareOf(bench, stage, mass.mass);
  const most = mostOf(bench, stage);
  const nothingMade = rootOf(bench.doc, stage).basis !== undefined;
  const percentYield = mass && !nothingMade ? yieldOf(mass.mass, most) : undefined;
  const recovered = mass && nothingMade ? recoveryOf(mass.mass, most) : undefined;
  const runs = bench.meltingOf(stage.id);
  const best = bestRun(runs);
  const substance = bench.doc.substances.find(({ id }) => id === stage.substance);
  return {
    stage,
    kind: isMade(stage) ? 'yield' : 'recovery',
    ...(mass ? { mass } : {}),
    ...(share ? { share } : {}),
    ...(percentYield ? { percentYield } : {}),
    ...(recovered ? { recovered } : {}),
    runs,
    ...(best ? { best } : {}),
    ...(substance?.melting ? { literature: substance.melting } : {}),
    verdict: verdict(best, substance?.melting, inSentence(substance?.name ?? stage.name)),
  };
}
