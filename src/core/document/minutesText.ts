import type { StepTime } from './steps';

/**
 * The time of a step in words.
 *
 * @example minutesText({ typical_min: 10, least_min: 8, most_min: 15, attended: true }) // → '10 min (8–15)'
 */
export function minutesText({ typical_min, least_min, most_min }: StepTime): string {
  const [low, high] = [least_min ?? typical_min, most_min ?? typical_min];
  const typical = `${String(typical_min)}\u00a0min`;
  return low === high ? typical : `${typical} (${String(low)}–${String(high)})`;
}
