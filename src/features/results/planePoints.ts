import { fromCanonical } from '@/core/quantity/units';
import { roundDecimals } from '@/core/quantity/decimals';
import type { ClassResults } from '@/core/results/classResults';
import type { StageResult } from '@/core/results/stageResults';

/** A bench in the plane: its yield and its melting range. */
export interface PlanePoint {
  readonly bench: string;
  /** °C. */
  readonly onset: number;
  readonly clear: number;
  /** Percent yield, to a tenth. */
  readonly percent: number;
  readonly sound: boolean;
  readonly far: boolean;
  /** Where its name stands: neighbours in yield stand on different sides. */
  readonly side: 'left' | 'right';
}

export interface Plane {
  readonly points: readonly PlanePoint[];
  readonly literature?: { readonly low: number; readonly high: number };
  /** Ticks of the axes, the first and the last are their ends. */
  readonly temperatures: readonly number[];
  readonly yields: readonly number[];
}

const shareOf = ({ percentYield, recovered }: StageResult) => percentYield ?? recovered;

/** Points and axes of the plane of a class: whole degrees with a margin, yields in steps of ten. */
export function planePoints({ rows, spreads }: ClassResults): Plane {
  const far = new Set(Object.values(spreads).flatMap(({ outliers }) => outliers));
  const bare = rows.flatMap(({ bench, results: { product } }) =>
    product?.best && shareOf(product)
      ? [
          {
            bench,
            onset: product.best.onset.q.value,
            clear: product.best.clear.q.value,
            percent: Number(roundDecimals(fromCanonical(shareOf(product)?.q.value ?? NaN, '%'), 1)),
            sound: product.best.sound,
            far: far.has(bench),
          },
        ]
      : [],
  );
  const byYield = [...bare].sort((a, b) => a.percent - b.percent);
  const points = bare.map((one) => ({
    ...one,
    side: byYield.indexOf(one) % 2 === 0 ? ('right' as const) : ('left' as const),
  }));
  const datum = rows.find(({ results }) => results.product?.literature)?.results.product?.literature;
  const literature = datum && { low: Number(datum.low), high: Number(datum.high) };
  const all = [
    ...points.flatMap(({ onset, clear }) => [onset, clear]),
    ...(literature ? [literature.low, literature.high] : []),
  ];
  const percents = points.map(({ percent }) => percent);
  const ends = (values: readonly number[], step: number, room: number) => {
    const from = Math.floor((Math.min(...values) - room) / step) * step;
    const to = Math.ceil((Math.max(...values) + room) / step) * step;
    return Array.from({ length: Math.round((to - from) / step) + 1 }, (_, i) => from + i * step);
  };
  const width = Math.max(...all) - Math.min(...all);
  return {
    points,
    ...(literature ? { literature } : {}),
    temperatures: ends(all, width > 12 ? 5 : 1, 1),
    yields: ends(percents, Math.max(...percents) - Math.min(...percents) > 40 ? 20 : 5, 2),
  };
}
