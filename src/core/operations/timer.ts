import { lastEventAt } from './onRecord';
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
      step: step.id,
      label,
      then,
      since: from.entry.at,
      seconds: minutes * 60,
      ...(to ? { ended: to.entry.at } : {}),
    },
  ];
}

/** A timer that comes again until the whole is over: each time it is told, it starts anew. */
export function repeatingTimer(
  context: StepContext,
  { again, ...options }: TimerOptions & { readonly again: NonNullable<Timer['again']> },
): readonly Timer[] {
  const last = lastEventAt(context, again.name);
  return timer(context, { ...options, from: options.from && (last ?? options.from) }).map((one) => ({
    ...one,
    key: `${one.step}/${again.name}`,
    again,
  }));
}
