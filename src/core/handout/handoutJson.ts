import type { HandoutReading, ReadQuantity } from './handout';

/** One clause of a handout as `npm run handout` prints it. */
export interface HandoutItem {
  readonly sentence: string;
  readonly start: number;
  readonly end: number;
  readonly operation: string | null;
  readonly amounts: readonly {
    readonly start: number;
    readonly end: number;
    /** Of one portion. */
    readonly value: number;
    readonly unit: string;
    readonly times?: number;
    readonly substance?: string;
  }[];
  /** Nothing where there is no lower or no upper bound. */
  readonly temperatures_C: readonly (readonly [low: number | null, high: number | null])[];
  readonly minutes: readonly number[];
  readonly confirm: readonly {
    readonly start: number;
    readonly end: number;
    readonly text: string;
    readonly why: string;
  }[];
}

function bounds({ low, high, bound, unit }: ReadQuantity): readonly [number | null, number | null] {
  const celsius = (digits: string) =>
    unit === '°F' ? Math.round(((Number(digits) - 32) / 1.8) * 10) / 10 : Number(digits);
  const [from, to] = [celsius(low), celsius(high ?? low)];
  return bound === 'below' ? [null, to] : bound === 'above' ? [from, null] : [from, to];
}

/** A reading as plain data, one item for each clause. */
export function handoutJson({ text, clauses }: HandoutReading): readonly HandoutItem[] {
  return clauses.map(({ start, end, operation, amounts, quantities, confirm }) => ({
    sentence: text.slice(start, end),
    start,
    end,
    operation: operation ?? null,
    amounts: amounts.map((one) => ({
      start: one.start,
      end: one.end,
      value: Number(one.low),
      unit: one.unit,
      ...(one.times === undefined ? {} : { times: one.times }),
      ...(one.substance ? { substance: one.substance.name } : {}),
    })),
    temperatures_C: quantities
      .filter(({ kind, unit }) => kind === 'temperature' || (kind === 'literature' && /^°/.test(unit)))
      .map(bounds),
    minutes: quantities
      .filter(({ kind }) => kind === 'time')
      .flatMap(({ low, high }) => [Number(low), ...(high === undefined ? [] : [Number(high)])]),
    confirm: confirm.map((one) => ({ ...one, text: text.slice(one.start, one.end) })),
  }));
}
