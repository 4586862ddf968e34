import type { Live } from '../record/foldRecord';
import type { StepContext, Timer } from './operation';

/** A timer that an entry starts and another one ends. */
export interface TimerOptions {
  readonly label: string;
  /** What to do when it is over. */
  readonly then: string;
  readonly minutes: number;
  readonly from: Live | undefined;
  readonly to: Live | undefined;
}

/** The timer of a step; none before it began. */
export function timer({ step }: StepContext, { label, then, minutes, from, to }: TimerOptions): readonly Timer[] {
  if (!from) return [];
  return [
    {
      key: step.id,
      label,
      then,
      since: from.entry.at,
      seconds: minutes * 60,
      ...(to ? { ended: to.entry.at } : {}),
    },
  ];
}
