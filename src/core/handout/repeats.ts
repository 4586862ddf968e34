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

const counted: readonly (readonly [number, RegExp])[] = [
  [2, /\btwice\b/],
  [3, /\b(?:three times|thrice|3 times)\b/],
  [4, /\b(?:four times|4 times)\b/],
  [2, /\b(?:two times|2 times)\b/],
];
const severally = /^(extraction|wash|cakeWash|vacuumFiltration|dryingLiquid|gravityFiltration)$/;

/** "twice with 10 mL of water": as many portions of each amount that has none of its own. */
export function severalTimes<A extends Clause['amounts'][number]>(
  amounts: readonly A[],
  text: string,
  operation: string | undefined,
): readonly A[] {
  if (operation === undefined || !severally.test(operation)) return amounts;
  const times = counted.find(([, words]) => words.test(text.toLowerCase()))?.[0];
  return times === undefined ? amounts : amounts.map((one) => (one.times === undefined ? { ...one, times } : one));
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
  if (!last || !severally.test(last.operation ?? '')) return false;
  if (!last.amounts.some(({ unit }) => liquid.test(unit))) return false;
  clauses[at] = {
    ...last,
    amounts: last.amounts.map((one) => (liquid.test(one.unit) ? { ...one, times: (one.times ?? 1) + count } : one)),
  };
  clauses.push({ ...clause, continues: true });
  return true;
}
