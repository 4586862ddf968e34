import type { CalibrationPoint } from '@/core/quantity/device';

/** Calibration as it is typed: "81 +0.4; 122 +0.6". */
export function writeCalibration(points: readonly CalibrationPoint[] = []): string {
  return points
    .map(({ reads, correction }) => `${reads} ${correction.startsWith('-') ? correction : `+${correction}`}`)
    .join('; ');
}

type Read =
  { readonly ok: true; readonly value: readonly CalibrationPoint[] } | { readonly ok: false; readonly says: string };

/**
 * Reads a calibration as it is typed.
 *
 * @returns points at rising readings, or what is wrong
 */
export function readCalibration(text: string): Read {
  const points: CalibrationPoint[] = [];
  for (const part of text.replace(/−/g, '-').split(/[;\n]/)) {
    if (part.trim() === '') continue;
    const [, reads, correction] = /^\s*(-?\d{1,4}(?:\.\d{1,3})?)\s+\+?(-?\d{1,4}(?:\.\d{1,3})?)\s*$/.exec(part) ?? [];
    if (reads === undefined || correction === undefined)
      return { ok: false, says: `“${part.trim()}” is not a reading and its correction, such as 122 +0.6.` };
    points.push({ reads, correction });
  }
  const rising = points.every(({ reads }, i) => i === 0 || Number(reads) > Number(points[i - 1]?.reads));
  return rising ? { ok: true, value: points } : { ok: false, says: 'The readings must rise from point to point.' };
}
