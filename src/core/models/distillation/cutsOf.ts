import { assertRising } from '../guards';
import type { BatchRun, DistillationPoint } from './batchDistillation';

/** What is collected between two head temperatures. */
export interface Cut {
  readonly volume_mL: number;
  readonly lighter_mol: number;
  readonly heavier_mol: number;
}

/**
 * Cuts of a run at limits of the head temperature: below the first, between them, above the last. Linear between the points
 * of the curve.
 *
 * @param limits_C ascending
 * @returns one more cut than there are limits; they add up to the whole distillate
 * @example cutsOf({ points: [0, 1].map((x) => ({ head_C: 80 + 20 * x, volume_mL: 10 * x, lighter_mol: x, heavier_mol: x })) }, [90]).map((cut) => cut.volume_mL) // → [5, 5]
 */
export function cutsOf({ points }: BatchRun, limits_C: readonly number[]): readonly Cut[] {
  assertRising('limits of the head', limits_C);
  if (points.length === 0) throw new RangeError('a run without points has no cuts');
  const ends = [...limits_C.map((limit) => at(points, limit)), points.at(-1) as DistillationPoint];
  const zero: Cut = { volume_mL: 0, lighter_mol: 0, heavier_mol: 0 };
  return ends.map((end, i) => {
    const start = i === 0 ? zero : (ends[i - 1] ?? zero);
    return {
      volume_mL: end.volume_mL - start.volume_mL,
      lighter_mol: end.lighter_mol - start.lighter_mol,
      heavier_mol: end.heavier_mol - start.heavier_mol,
    };
  });
}

/** What had been collected when the head passed a temperature. */
function at(points: readonly DistillationPoint[], limit: number): Cut {
  const after = points.findIndex(({ head_C }) => head_C >= limit);
  const [before, next] = [points[after - 1], points[after]];
  if (after === 0) return { volume_mL: 0, lighter_mol: 0, heavier_mol: 0 };
  if (!before || !next) return points.at(-1) as DistillationPoint;
  const t = (limit - before.head_C) / (next.head_C - before.head_C);
  const mix = (key: keyof Cut) => before[key] + t * (next[key] - before[key]);
  return { volume_mL: mix('volume_mL'), lighter_mol: mix('lighter_mol'), heavier_mol: mix('heavier_mol') };
}
