import { batchDistillation } from '../models/distillation/batchDistillation';
import { cutsOf } from '../models/distillation/cutsOf';
import type { BatchRun } from '../models/distillation/batchDistillation';
import type { BinaryPair, Liquid } from '../models/distillation/binaryPair';

/** What a distillation is explored with. */
export interface DistillationQuestion {
  readonly pair: BinaryPair;
  readonly lighter_mL: number;
  readonly heavier_mL: number;
  /** Ideal stages, the pot being one. */
  readonly stages: number;
  readonly reflux: number;
  readonly torr: number;
  /** Receivers are changed when the head reaches these, ascending, °C. */
  readonly limits_C: readonly number[];
}

/** A receiver at the end. */
export interface ExploredCut {
  readonly volume_mL: number;
  /** Mole fraction of the more volatile one. */
  readonly lighter: number;
  /** Share of all of the more volatile one, and of the other. */
  readonly recovery: { readonly lighter: number; readonly heavier: number };
}

export interface HeadPoint {
  readonly volume_mL: number;
  readonly head_C: number;
}

export interface DistillationAnswer {
  readonly curve: readonly HeadPoint[];
  /** The same charge without a column. */
  readonly simple: readonly HeadPoint[];
  readonly cuts: readonly ExploredCut[];
  /** By stages: how much of each is won in its own cut, the first and the last. */
  readonly byStages: readonly { readonly stages: number; readonly lighter: number; readonly heavier: number }[];
}

const points = 200;
const mostStages = 12;

/**
 * Head temperature over the distillate, cuts, and what more stages would bring.
 *
 * @param progress told the share that is done
 */
export function exploreDistillation(
  question: DistillationQuestion,
  progress: (done: number) => void = () => undefined,
): DistillationAnswer {
  const runs = mostStages + 2;
  let finished = 0;
  const run = (stages: number) => {
    const result = batch(question, stages, (done) => progress((finished + done) / runs));
    finished += 1;
    return result;
  };
  const chosen = run(question.stages);
  return {
    curve: heads(chosen),
    simple: heads(run(1)),
    cuts: cuts(question, chosen),
    byStages: Array.from({ length: mostStages }, (_, i) => {
      const all = cuts(question, run(i + 1));
      return {
        stages: i + 1,
        lighter: all[0]?.recovery.lighter ?? 0,
        heavier: all.at(-1)?.recovery.heavier ?? 0,
      };
    }),
  };
}

function batch(
  { pair, lighter_mL, heavier_mL, reflux, torr }: DistillationQuestion,
  stages: number,
  onPoint: (done: number) => void,
): BatchRun {
  return batchDistillation({
    pair,
    lighter_mol: moles(pair.lighter, lighter_mL),
    heavier_mol: moles(pair.heavier, heavier_mL),
    stages,
    reflux,
    torr,
    points,
    onPoint,
  });
}

function cuts({ pair, lighter_mL, heavier_mL, limits_C }: DistillationQuestion, run: BatchRun): readonly ExploredCut[] {
  return cutsOf(run, limits_C).map(({ volume_mL, lighter_mol, heavier_mol }) => ({
    volume_mL,
    lighter: lighter_mol + heavier_mol > 0 ? lighter_mol / (lighter_mol + heavier_mol) : 0,
    recovery: {
      lighter: lighter_mol / moles(pair.lighter, lighter_mL),
      heavier: heavier_mol / moles(pair.heavier, heavier_mL),
    },
  }));
}

const moles = ({ M, density }: Liquid, volume_mL: number) => (volume_mL * density) / M;
const heads = (run: BatchRun): readonly HeadPoint[] =>
  run.points.map(({ volume_mL, head_C }) => ({ volume_mL, head_C }));
