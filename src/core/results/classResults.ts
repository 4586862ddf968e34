import { allowance_K } from '../operations/meltingRange/types';
import { benchResults } from './benchResults';
import { fact, finding } from '../finding/finding';
import { spread } from './spread';
import type { BenchResults } from './benchResults';
import type { BenchState } from '../bench/benchState';
import type { Dim } from '../quantity/dims';
import type { Finding } from '../finding/finding';
import type { Spread } from './spread';
import type { Worked } from '../quantity/worked';

/** One bench in the class's table. */
export interface ClassRow {
  readonly bench: string;
  readonly state: BenchState;
  readonly results: BenchResults;
}

/** Which numbers of the class are compared. */
export const comparisons = ['yield', 'recovery', 'onset'] as const;
export type Comparison = (typeof comparisons)[number];

/** A spread with the names of the benches that lie far off. */
export interface NamedSpread extends Omit<Spread, 'outliers'> {
  readonly outliers: readonly string[];
}

/** The class side by side. */
export interface ClassResults {
  readonly rows: readonly ClassRow[];
  readonly spreads: Readonly<Partial<Record<Comparison, NamedSpread>>>;
  /** What only the class as a whole shows. */
  readonly findings: readonly Finding[];
  /** Benches whose results cannot be computed from what is stored: they take nobody else's with them. */
  readonly unreadable: readonly string[];
}

// Fewer than this many benches say nothing of the instrument.
const fewest = 3;
// Yields within a hundredth and temperatures within a degree of the median are never outliers.
const least: Readonly<Record<Comparison, number>> = { yield: 0.01, recovery: 0.01, onset: 1 };

/** Results of a class from the states of its benches, in walking order. */
export function classResults(benches: readonly { readonly bench: string; readonly state: BenchState }[]): ClassResults {
  const rows = benches.flatMap(({ bench, state }) => rowOf(bench, state) ?? []);
  return {
    rows,
    unreadable: benches.flatMap(({ bench }) => (rows.some((row) => row.bench === bench) ? [] : [bench])),
    spreads: Object.fromEntries(
      comparisons.flatMap((what) => {
        const found = named(rows, (row) => comparedValue(row, what), least[what]);
        return found ? [[what, found] as const] : [];
      }),
    ),
    findings: highTogether(rows),
  };
}

function rowOf(bench: string, state: BenchState): ClassRow | undefined {
  try {
    return { bench, state, results: benchResults(state) };
  } catch {
    return undefined;
  }
}

/** The product's number that is compared. */
export function comparedValue({ results: { product } }: ClassRow, what: Comparison): Worked | undefined {
  switch (what) {
    case 'yield':
      return product?.percentYield;
    case 'recovery':
      return product?.recovered ?? (product?.kind === 'recovery' ? product.share : undefined);
    case 'onset':
      return product?.best?.onset;
  }
}

function named(
  rows: readonly ClassRow[],
  pick: (row: ClassRow) => Worked | undefined,
  least: number,
): NamedSpread | undefined {
  const found = rows.flatMap((row) => {
    const value = pick(row);
    return value ? [{ bench: row.bench, value }] : [];
  });
  const all = spread<Dim>(
    found.map(({ value }) => value),
    least,
  );
  return all && { ...all, outliers: all.outliers.map((i) => found[i]?.bench ?? '') };
}

/** A whole class that melts too high means the instrument, not the chemistry. */
function highTogether(rows: readonly ClassRow[]): readonly Finding[] {
  const above = rows.flatMap(({ results: { product } }) =>
    product?.best?.sound && product.literature ? [product.best.onset.q.value - Number(product.literature.high)] : [],
  );
  const high = above.filter((kelvin) => kelvin > allowance_K);
  if (above.length < fewest || high.length * 2 <= above.length) return [];
  return [
    finding(
      'class.meltHigh',
      'caution',
      { field: 'melting' },
      {
        some: String(high.length),
        all: String(above.length),
        least: fact({ dim: 'temperatureDifference', value: Math.min(...high) }, 'K', 2),
      },
    ),
  ];
}
