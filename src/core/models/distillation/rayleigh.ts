import { assertPositive, assertWithin } from '../guards';

/**
 * Simple batch distillation at constant relative volatility: how much of the charge is left in the pot when it has come down
 * to x. `ln(L₀/L) = [1/(α−1)]·ln[x₀(1−x)/(x(1−x₀))] + ln[(1−x)/(1−x₀)]` (Rayleigh 1902).
 *
 * @param alpha relative volatility, above 1
 * @param x0 mole fraction of the more volatile one in the charge
 * @param x the same in what is left, at most x0
 * @returns L/L₀ in moles
 * @example rayleighLeft(2.5, 0.5, 0.5) // → 1
 */
export function rayleighLeft(alpha: number, x0: number, x: number): number {
  if (!(alpha > 1)) throw new RangeError(`relative volatility must be above 1, not ${alpha}`);
  assertPositive({ x, x0, '1 − x0': 1 - x0 });
  assertWithin(0, x0, { x });
  return Math.exp(-Math.log((x0 * (1 - x)) / (x * (1 - x0))) / (alpha - 1) - Math.log((1 - x) / (1 - x0)));
}
