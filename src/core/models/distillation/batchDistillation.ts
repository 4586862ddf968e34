import { assertPositive, assertWhole, assertWithin } from '../guards';
import { boilingDiagram } from './binaryPair';
import { findRoot } from '../findRoot';
import type { BinaryPair, BoilingDiagram, Liquid } from './binaryPair';

export interface BatchOptions {
  readonly pair: BinaryPair;
  /** mol of each in the pot. */
  readonly lighter_mol: number;
  readonly heavier_mol: number;
  /** Ideal stages, the pot being one. A simple distillation has one. */
  readonly stages: number;
  /** Reflux ratio L/D; without effect on a single stage. @default 0 */
  readonly reflux?: number;
  /** mol held on each stage above the pot. @default 0 */
  readonly holdUp_mol?: number;
  /** @default 760 */
  readonly torr?: number;
  /** Points of the curve. @default 200 */
  readonly points?: number;
  /** The pot is never distilled dry: share of the charge that stays in it. @default 0.04 */
  readonly rest?: number;
  /** Told the share that is done after each point, for a display of progress. */
  readonly onPoint?: (done: number) => void;
}

/** A moment of a batch distillation. */
export interface DistillationPoint {
  /** mL of distillate so far. */
  readonly volume_mL: number;
  /** Mole fraction of the more volatile one in the next drop, and of all that was collected. */
  readonly drop: number;
  readonly collected: number;
  readonly lighter_mol: number;
  readonly heavier_mol: number;
  readonly head_C: number;
  readonly pot_C: number;
  /** Mole fraction in the pot. */
  readonly pot: number;
}

/** A whole run. */
export interface BatchRun {
  readonly points: readonly DistillationPoint[];
  /** mol left in the pot and on the stages at the end. */
  readonly left: { readonly lighter_mol: number; readonly heavier_mol: number };
}

/**
 * Batch distillation of an ideal pair over N ideal stages at constant reflux: constant molar overflow, total condenser,
 * stages in a quasi-steady state (McCabe and Thiele 1925; Rayleigh 1902 for one stage). What the stages hold is in the balance,
 * so that every mole is accounted for. The head reads the temperature of the vapour that enters the condenser.
 *
 * Left out: heat losses, flooding, non-ideal stages; stages must fit to what a column does in practice.
 *
 * @example batchDistillation({ pair: { lighter: { antoine: { A: '6.84498', B: '1203.526', C: '222.863' }, M: 84.16, density: 0.779 }, heavier: { antoine: { A: '6.95464', B: '1344.8', C: '219.482' }, M: 92.14, density: 0.867 } }, lighter_mol: 0.5, heavier_mol: 0.5, stages: 1 }).points[0].head_C > 85 // → true
 */
export function batchDistillation(options: BatchOptions): BatchRun {
  const {
    pair,
    lighter_mol,
    heavier_mol,
    stages,
    reflux = 0,
    holdUp_mol = 0,
    torr = 760,
    points = 200,
    rest = 0.04,
    onPoint,
  } = options;
  assertPositive({ lighter_mol, heavier_mol });
  assertWhole(1, { stages });
  assertWhole(2, { points });
  assertWithin(1e-6, 0.99, { rest });
  assertWithin(1, 7600, { pressure: torr });
  assertWithin(0, 1e6, { reflux, holdUp_mol });
  const charged = lighter_mol + heavier_mol;
  const held = holdUp_mol * (stages - 1);
  const least = rest * charged + held;
  if (least >= charged) throw new RangeError(`the column holds ${held} mol of ${charged} mol: nothing distils`);
  const column: Column = { diagram: boilingDiagram(pair, torr), stages, reflux, warm: [] };
  const step = (charged - least) / (points - 1);
  let [lighter, drop, taken, slope] = [lighter_mol, NaN, 0, NaN];
  const run: DistillationPoint[] = [];
  for (let i = 0; i < points; i += 1) {
    const pot = charged - i * step - held;
    const dD = i === 0 ? 0 : step;
    // The drop's composition changes over the step: the mean of its ends is what was collected, unless less is left of either.
    const before = drop;
    const heavier = pot + held + dD - lighter;
    const mean = i > 0 && (dD * before) / 2 < lighter && (dD * (1 - before)) / 2 < heavier;
    const collects = (x: number) => (i === 0 ? 0 : dD * (mean ? (before + x) / 2 : x));
    const balance = (x: number) => {
      const { bottom, sum } = profile(column, x);
      return pot * bottom + holdUp_mol * sum + collects(x) - lighter;
    };
    const x = dropOf(balance, before + (Number.isFinite(slope) ? slope : 0));
    slope = Number.isFinite(before) ? x - before : NaN;
    taken += collects(x);
    lighter -= collects(x);
    drop = x;
    run.push(pointAt(options, column, { x, taken, total: i * step, torr }));
    onPoint?.((i + 1) / points);
  }
  return { points: run, left: { lighter_mol: Math.max(0, lighter), heavier_mol: Math.max(0, least - lighter) } };
}

// So far off a drop lies from where the one before it and its change point, at the most where a curve bends.
const near = 0.02;

/** Composition of the next drop by its balance, looked for first where the drop before and its change point to. */
function dropOf(balance: (x: number) => number, guess: number): number {
  const [low, high] = [Math.max(0, guess - near), Math.min(1, guess + near)];
  if (low < high) {
    const ends = [balance(low), balance(high)] as const;
    if (ends[0] < 0 && ends[1] > 0) return findRoot(balance, low, high, 1e-13, ends);
  }
  // When one of them is spent, rounding can leave the balance a hair beyond its end.
  const ends = [balance(0), balance(1)] as const;
  return ends[1] <= 0 ? 1 : ends[0] >= 0 ? 0 : findRoot(balance, 0, 1, 1e-13, ends);
}

/** A column, with the temperature that each stage was last found to have: the next one is near. */
interface Column {
  readonly diagram: BoilingDiagram;
  readonly stages: number;
  readonly reflux: number;
  readonly warm: number[];
}

/** Compositions from the head down for a drop of composition x: the pot's, and the sum over the stages that hold liquid. */
function profile({ diagram, stages, reflux, warm }: Column, x: number) {
  let [y, sum] = [x, 0];
  let bottom = x;
  for (let stage = 1; stage <= stages; stage += 1) {
    const point = diagram.dew(y, warm[stage]);
    bottom = point.x;
    warm[stage] = point.T;
    if (stage < stages) sum += bottom;
    y = (reflux * bottom + x) / (reflux + 1);
  }
  return { bottom, sum };
}

function pointAt(
  { pair }: BatchOptions,
  column: Column,
  { x, taken, total, torr }: { x: number; taken: number; total: number; torr: number },
): DistillationPoint {
  const { diagram } = column;
  const { bottom } = profile(column, x);
  const heavier = total - taken;
  return {
    volume_mL: volumeOf(pair.lighter, taken) + volumeOf(pair.heavier, heavier),
    drop: x,
    collected: total > 0 ? taken / total : x,
    lighter_mol: taken,
    heavier_mol: heavier,
    head_C: diagram.dew(x).T,
    pot_C: torr > 0 ? diagram.bubble(bottom).T : NaN,
    pot: bottom,
  };
}

const volumeOf = ({ M, density }: Liquid, moles: number) => (moles * M) / density;
