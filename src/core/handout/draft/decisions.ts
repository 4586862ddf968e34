import type { Amount, Clause } from '../handout';

/** What a person decided over what the rules read. */
export interface Decisions {
  /** Amounts that were to be confirmed and are right, by {@link amountKey}. */
  readonly accepted: ReadonlySet<string>;
  /** Amounts that are not to be charged. */
  readonly left: ReadonlySet<string>;
  /** Operation of a clause, by its index; nothing where none is meant. */
  readonly operations: ReadonlyMap<number, string | undefined>;
}

/** Nothing decided yet. */
export const undecided: Decisions = { accepted: new Set(), left: new Set(), operations: new Map() };

/** Names an amount of a reading: by its place and the place of what it is of. */
export const amountKey = ({ start, end, substance }: Amount): string =>
  [start, end, substance?.start ?? -1].map(String).join('-');

/** Amounts of a clause that may enter the document: read, or confirmed by a person, and not left out. */
export const takenAmounts = ({ amounts }: Clause, { accepted, left }: Decisions): readonly Amount[] =>
  amounts.filter((one) => {
    const key = amountKey(one);
    return one.substance !== undefined && !left.has(key) && (one.confirm === undefined || accepted.has(key));
  });
