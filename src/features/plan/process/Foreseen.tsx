'use client';
import { useDeferredValue, useMemo } from 'react';
import { hoursAndMinutes } from '@/components/timeText';
import { rangeText } from './rangeText';
import type { ProcessPlan } from '@/core/process/processPlan';

/** Ranges of what is foreseen: what is typed shows first, how far it can be off a moment later. */
export function useRanges({ prediction }: ProcessPlan) {
  const settled = useDeferredValue(prediction);
  return useMemo(() => settled.ranges(), [settled]);
}

/** What the procedure comes to, in one line. */
export function Foreseen({ process }: { readonly process: ProcessPlan }) {
  const ranges = useRanges(process);
  const { prediction, timeline } = process;
  const expected = prediction.stages.map(({ stage, mass }) => `${stage.name} ${rangeText(mass, ranges.get(stage.id))}`);
  const all = [
    ...(expected.length > 0 ? [`Foreseen: ${expected.join(' · ')}`] : []),
    ...prediction.unforeseen.map(({ stage }) => `${stage.name}: not foreseen`),
  ];
  return (
    <p className="foreseen">
      {all.length > 0 ? all.join(' · ') : 'No stage of it is weighed.'} · about {hoursAndMinutes(timeline.total_min)}
    </p>
  );
}
