import type { CalibrationPoint } from './device';

/**
 * Correction of a thermometer at a reading: linear between the calibrated points, that of the nearest one outside them.
 *
 * @param points at rising readings
 * @param reading °C as read
 * @returns K to be added; nothing without points
 * @example calibrationAt([{ reads: '80', correction: '0.2' }, { reads: '120', correction: '0.6' }], 100) // → 0.4
 */
export function calibrationAt(points: readonly CalibrationPoint[], reading: number): number | undefined {
  const known = points.map(({ reads, correction }) => ({ at: Number(reads), by: Number(correction) }));
  const [first, last] = [known[0], known.at(-1)];
  if (!first || !last) return undefined;
  if (reading <= first.at) return first.by;
  if (reading >= last.at) return last.by;
  const above = known.findIndex(({ at }) => at >= reading);
  const [low, high] = [known[above - 1], known[above]];
  if (!low || !high) return last.by;
  return low.by + ((high.by - low.by) * (reading - low.at)) / (high.at - low.at);
}
