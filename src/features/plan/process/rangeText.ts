import { format, formatDigits } from '@/core/quantity/format';
import type { MassRange } from '@/core/process/predictProcess';
import type { Worked } from '@/core/quantity/worked';

/** "2.41–2.69 g" of a foreseen mass; one number where the ends print alike, or are not found yet. */
export function rangeText({ unit, q: { dim, value } }: Worked, range: MassRange | undefined): string {
  const { low, high } = range ?? { low: value, high: value };
  const digits = (one: number) => formatDigits({ dim, value: one }, unit, { decimals: 2 });
  const [from, to] = [digits(low), digits(high)];
  return from === to ? format({ dim, value: high }, unit, { decimals: 2 }) : `${from}–${to}\u00a0${unit}`;
}
