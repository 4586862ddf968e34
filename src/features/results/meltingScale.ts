import type { MeltingDatum } from '@/core/document/document';

/** Axis of a drawing of melting ranges, °C. */
export interface MeltingScale {
  readonly from: number;
  readonly to: number;
  readonly ticks: readonly number[];
}

const steps = [1, 2, 5, 10, 20, 50];
const mostTicks = 9;

/** An axis that holds every temperature and the literature range, with room for the words at its right end. */
export function meltingScale(temperatures: readonly number[], literature: MeltingDatum | undefined): MeltingScale {
  const all = [...temperatures, ...(literature ? [Number(literature.low), Number(literature.high)] : [])];
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const span = Math.max(high - low, 4);
  const from = Math.floor(low - span * 0.08);
  // Ranges are written behind their strokes.
  const to = Math.ceil(high + span * 0.45);
  const step = steps.find((one) => (to - from) / one <= mostTicks) ?? 100;
  const first = Math.ceil(from / step) * step;
  return { from, to, ticks: Array.from({ length: Math.floor((to - first) / step) + 1 }, (_, i) => first + i * step) };
}
