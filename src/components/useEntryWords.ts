import { useCallback } from 'react';
import { describeEntry } from '@/core/bench/describeEntry';
import { timeOfDay } from './dates';
import type { BenchState } from '@/core/bench/benchState';

/** Says of an entry of this record what it is, who made it and when, for the workings that rest on it. */
export function useEntryWords({ record, bench, steps }: BenchState): (id: string) => string | undefined {
  return useCallback(
    (id) => {
      const live = record.find(({ entry }) => entry.id === id);
      if (!live) return undefined;
      const signed = live.seals.length > 0 ? ', signed' : '';
      return `${describeEntry(live, bench.doc, steps).says}, read at ${timeOfDay(live.entry.at)} by ${live.entry.author.name}${signed}`;
    },
    [record, bench, steps],
  );
}
