import { findOperation } from '../operations/registry';
import type { Clause } from './handout';

const again: readonly (readonly [number, RegExp])[] = [
  [1, /\b(once|one more time|again)\b/],
  [2, /\b(twice|two (more )?times|two further|two more|a further two)\b/],
  [3, /\b(thrice|three (more )?times|three further|three more)\b/],
  [4, /\bfour (more )?times\b/],
];

/** How often something is done once more, by the words of a clause. */
export function repetition(text: string): number | undefined {
  const lower = text.toLowerCase();
  const digits = /\b(\d) (?:more )?times\b/.exec(lower)?.[1];
  if (digits !== undefined) return Number(digits);
  return again.find(([, words]) => words.test(lower))?.[0] ?? (/\brepeat(ed)?\b/.test(lower) ? 1 : undefined);
}

const counted = /\b(once|twice|thrice|(?:two|three|four|[2-4]) times)\b/g;
const countOf: Readonly<Record<string, number>> = { o: 1, tw: 2, th: 3, f: 4 };
const numbered = (words: string) => countOf[words.slice(0, 2)] ?? countOf[words.slice(0, 1)] ?? Number(words[0]);

const isDoneSeverally = (operation: string) => findOperation(operation)?.told.severally === true;

/**
 * "twice with 10 mL of water, once with brine (10 mL)": as many portions of each amount that has none of its own, by the count that stands
 * last before it, or the first one behind it.
 *
 * @param start place of the clause's text
 */
export function severalTimes<A extends Clause['amounts'][number]>(
  amounts: readonly A[],
  { text, start, operation }: { readonly text: string; readonly start: number; readonly operation: string | undefined },
): readonly A[] {
  if (operation === undefined || !isDoneSeverally(operation)) return amounts;
  const counts = [...text.toLowerCase().matchAll(counted)].map(({ index, 0: words }) => ({
    at: start + index,
    times: numbered(words),
  }));
  return amounts.map((one) => {
    const count = counts.findLast(({ at }) => at < one.start) ?? counts[0];
    return one.times !== undefined || !count || count.times === 1 ? one : { ...one, times: count.times };
  });
}

// What is repeated stands so few clauses before, at most.
const furthest = 5;
const liquid = /^(mL|L|µL)$/;

/**
 * "Repeat twice": the amounts of the last extraction, wash or rinse are used that often once more. The words join its clause.
 *
 * @returns whether there was something to repeat; the last clause is then changed in place of adding one
 */
export function repeated(clauses: Clause[], clause: Clause, count: number): boolean {
  if (clause.amounts.length > 0) return false;
  const near = clauses.slice(-furthest).findLastIndex(({ operation }) => operation !== undefined);
  const at = Math.max(0, clauses.length - furthest) + near;
  const last = near < 0 ? undefined : clauses[at];
  if (!last || !isDoneSeverally(last.operation ?? '')) return false;
  if (!last.amounts.some(({ unit }) => liquid.test(unit))) return false;
  clauses[at] = {
    ...last,
    amounts: last.amounts.map((one) => (liquid.test(one.unit) ? { ...one, times: (one.times ?? 1) + count } : one)),
  };
  clauses.push({ ...clause, continues: true });
  return true;
}
