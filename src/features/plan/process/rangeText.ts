import { format, formatDigits } from '@/core/quantity/format';
import type { Worked } from '@/core/quantity/worked';

/** "2.41–2.69 g" of a foreseen mass; one number where the ends print alike. */
export function rangeText({ unit, q: { dim } }: Worked, low: number, high: number): string {
  const digits = (value: number) => formatDigits({ dim, value }, unit, { decimals: 2 });
  const [from, to] = [digits(low), digits(high)];
  return from === to ? format({ dim, value: high }, unit, { decimals: 2 }) : `${from}–${to}\u00a0${unit}`;
}
