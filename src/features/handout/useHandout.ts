'use client';
import { useMemo, useState } from 'react';
import { amountKey, undecided } from '@/core/handout/draft/decisions';
import { draftOf } from '@/core/handout/draft/draftOf';
import { spanKey } from './litPieces';
import type { Decisions } from '@/core/handout/draft/decisions';
import type { ReadFile } from '@/core/handout/readFile';
import type { Clause, ToConfirm } from '@/core/handout/handout';

/** A handout being looked through: what was read, what a person decided, and the preparation that comes of both. */
export function useHandout({ reading, taken, solvents }: ReadFile) {
  const [decisions, setDecisions] = useState<Decisions>(undecided);
  const draft = useMemo(
    () => draftOf(reading, { take: (id) => taken[id], solvents: new Set(solvents) }, decisions),
    [reading, taken, solvents, decisions],
  );
  /** Keys that an item to confirm stands for: its place, and the amounts there. */
  const keysOf = (clause: number, item: ToConfirm) => [
    spanKey(item),
    ...(reading.clauses[clause]?.amounts ?? [])
      .filter(({ start, end }) => start === item.start && end === item.end)
      .map(amountKey),
  ];
  const changed = (from: ReadonlySet<string>, keys: readonly string[], has: boolean) => {
    const next = new Set(from);
    for (const key of keys)
      if (has) next.add(key);
      else next.delete(key);
    return next;
  };
  const decide = (clause: number, item: ToConfirm, verdict: 'right' | 'leave' | 'open') =>
    setDecisions((now) => ({
      ...now,
      accepted: changed(now.accepted, keysOf(clause, item), verdict === 'right'),
      left: changed(now.left, keysOf(clause, item), verdict === 'leave'),
    }));
  const open = reading.clauses.flatMap((clause, i) =>
    clause.confirm
      .filter((item) => !decisions.accepted.has(spanKey(item)) && !decisions.left.has(spanKey(item)))
      .map((item) => ({ clause: i, item })),
  );
  return {
    reading,
    decisions,
    draft,
    open,
    decide,
    setOperation: (clause: number, operation: string | undefined) =>
      setDecisions((now) => ({ ...now, operations: new Map(now.operations).set(clause, operation) })),
  };
}

export type Handout = ReturnType<typeof useHandout>;

/** A clause of a handout, by its index. */
export interface ClauseProps {
  readonly index: number;
  readonly clause: Clause;
  readonly handout: Handout;
}
