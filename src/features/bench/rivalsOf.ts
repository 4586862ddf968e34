import { readingsAtStep } from './readingsAtStep';
import { recordPlaceKey } from '@/core/record/foldRecord';
import type { Live } from '@/core/record/foldRecord';
import type { Reading } from '@/core/record/entry';
import type { StepState } from '@/core/bench/benchState';

export type Rival = Live<Reading>;

/** Readings of a step that stand at one place, by the place. */
export function rivalsOf(step: StepState): readonly (readonly Rival[])[] {
  const groups = new Map<string, Rival[]>();
  for (const one of readingsAtStep(step, 'rival')) {
    const key = recordPlaceKey(one.body.place);
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups.values()];
}
