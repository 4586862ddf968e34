import type { Worked } from '../quantity/worked';

/** Whether a difference of masses says anything: beyond twice its uncertainty, and at least a hundredth of a gram. */
export function worth({ q, u = 0 }: Worked): boolean {
  return Math.abs(q.value) >= Math.max(0.01, 2 * u);
}
