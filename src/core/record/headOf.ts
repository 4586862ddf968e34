import type { Entry } from './entry';

/**
 * Newest number up to which nothing is missing: what is asked for next lies beyond it.
 *
 * @example headOf([{ seq: 2 }, { seq: 1 }, { seq: 4 }]) // → 2
 */
export function headOf(entries: readonly Pick<Entry, 'seq'>[]): number {
  const there = new Set(entries.map(({ seq }) => seq));
  let head = 0;
  while (there.has(head + 1)) head += 1;
  return head;
}
