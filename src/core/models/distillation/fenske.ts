import { assertPositive } from '../guards';

const odds = (x: number) => x / (1 - x);

/**
 * Fewest ideal stages between two compositions, at total reflux: `N = ln[(x_D/(1−x_D))·((1−x_B)/x_B)]/ln α` (Fenske 1932).
 *
 * @param top mole fraction of the more volatile one at the head
 * @param bottom the same in the pot, which counts as a stage
 * @example fenskeStages(0.8, 0.2, 4).toFixed(9) // → '2.000000000'
 */
export function fenskeStages(top: number, bottom: number, alpha: number): number {
  assertPositive({ top, bottom, '1 − top': 1 - top, '1 − bottom': 1 - bottom, 'α − 1': alpha - 1 });
  return Math.log(odds(top) / odds(bottom)) / Math.log(alpha);
}
