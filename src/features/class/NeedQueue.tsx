import { TimeOfDay } from '@/components/TimeOfDay';
import type { BenchBoard } from '@/core/people/class';
import type { BenchNeed } from '@/core/bench/benchNeed';

const short: Readonly<Record<BenchNeed['kind'], string>> = {
  stop: 'stop',
  signature: 'signature',
  late: 'timer over',
  caution: 'to check',
  nothing: '',
};

/** Who waits, the most urgent kind first and within it who has waited longest: a tap leads to the bench. */
export function NeedQueue({
  waiting,
  onOpen,
}: {
  readonly waiting: readonly { readonly lane: BenchBoard; readonly need: BenchNeed }[];
  readonly onOpen: (log: string) => void;
}) {
  if (waiting.length === 0) return null;
  return (
    <nav className="need-queue" aria-label="Who waits">
      {waiting.map(({ lane, need }) => (
        <button
          key={lane.log}
          type="button"
          className={`need-${need.kind}`}
          aria-label={`To ${lane.bench}: ${short[need.kind]}`}
          onClick={() => onOpen(lane.log)}
        >
          <strong>{lane.bench}</strong> {short[need.kind]}
          {need.since && (
            <small>
              {' '}
              since <TimeOfDay at={need.since} />
            </small>
          )}
        </button>
      ))}
    </nav>
  );
}
