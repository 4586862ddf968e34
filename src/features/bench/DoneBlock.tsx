import { eventWords, readingText } from '@/core/bench/describeEntry';
import { TimeOfDay } from '@/components/TimeOfDay';
import type { AskBlock } from './askOrder';
import type { MeasureAsk } from '@/core/operations/ask';
import type { StepState } from '@/core/bench/benchState';

/** What was done, in a line: the number, or the time at which it happened. */
export function DoneBlock({ block, step }: { readonly block: AskBlock; readonly step: StepState }) {
  if (block.kind === 'checks')
    return <>{block.checks.length === 1 ? block.checks[0]?.says : `${block.checks.length} checks made`}</>;
  const { ask } = block;
  if (ask.kind === 'measure')
    return (
      <>
        {ownReadings(ask).length > 0 ? ask.title : ask.ways[0]?.label}{' '}
        <strong className="num">{numbersOf(ask, step)}</strong>
      </>
    );
  const { by } = ask;
  return (
    <>
      {(by?.body.k === 'event' && eventWords(step, by.body)) || ask.button}{' '}
      <strong className="num">{by && <TimeOfDay at={by.entry.at} />}</strong>
    </>
  );
}

const slotsOf = ({ ways }: MeasureAsk) => new Set(ways.flatMap(({ slots }) => slots.map(({ slot }) => slot)));

function ownReadings(ask: MeasureAsk): readonly string[] {
  const slots = slotsOf(ask);
  return Object.values(ask.readings).flatMap(({ body }) => (slots.has(body.place.slot) ? [readingText(body)] : []));
}

/** Readings of a measurement; of a series the readings of all its rounds. */
function numbersOf(ask: MeasureAsk, { context }: StepState): string {
  const own = ownReadings(ask);
  if (own.length > 0) return own.join(' → ');
  const slots = slotsOf(ask);
  return context.bench.record
    .flatMap(({ status, body }) =>
      status === 'live' && body.k === 'reading' && body.place.step === ask.about.step && slots.has(body.place.slot)
        ? [readingText(body)]
        : [],
    )
    .join(', ');
}
