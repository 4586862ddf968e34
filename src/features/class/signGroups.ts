import { readingText } from '@/core/bench/describeEntry';
import { stepTitle } from '@/core/operations/stepTitle';
import type { BenchState } from '@/core/bench/benchState';
import type { Live } from '@/core/record/foldRecord';
import type { Worked } from '@/core/quantity/worked';

/** Readings of one thing that wait for a signature, in their context. */
export interface SignGroup {
  readonly key: string;
  readonly name: string;
  /** Each reading in words, in the order in which they were made. */
  readonly readings: readonly string[];
  readonly live: readonly Live[];
  /** What they come to together. */
  readonly result?: Worked;
  readonly wanted?: Worked;
}

/** What waits, by the line or the step that it measures. */
export function signGroups(waiting: readonly Live[], state: BenchState): readonly SignGroup[] {
  const keyOf = ({ body }: Live) =>
    body.k === 'reading'
      ? (body.place.line ?? `step ${body.place.step ?? ''}`)
      : 'step' in body
        ? `step ${body.step ?? ''}`
        : '';
  return [...new Set(waiting.map(keyOf))].map((key) => {
    const mine = waiting.filter((one) => keyOf(one) === key);
    return {
      key,
      readings: mine.map(words),
      live: mine,
      ...(key.startsWith('step ') ? stepContext(key.slice(5), state) : lineContext(key, state)),
    };
  });
}

function lineContext(id: string, { charge }: BenchState): Omit<SignGroup, 'key' | 'readings' | 'live'> {
  const line = charge.lines.find(({ plan }) => plan.facts.line.id === id);
  const wanted = line?.taken && line.goal[line.taken.q.dim];
  return {
    name: line?.plan.facts.name ?? id,
    ...(line?.taken ? { result: line.taken } : {}),
    ...(wanted ? { wanted } : {}),
  };
}

function stepContext(id: string, { steps, bench }: BenchState): Omit<SignGroup, 'key' | 'readings' | 'live'> {
  const found = steps.find(({ step }) => step.id === id);
  const mass = found?.operation.mass?.(found.actual, found.context)?.mass;
  return { name: found ? stepTitle(bench.doc, found.step) : id, ...(mass ? { result: mass } : {}) };
}

function words({ body }: Live): string {
  if (body.k !== 'reading') return '';
  const slot = body.place.slot === 'full' || body.place.slot === 'empty' ? `${body.place.slot} ` : '';
  return `${slot}${readingText(body)}${body.state ? ` (${body.state.join(', ')})` : ''}`;
}
