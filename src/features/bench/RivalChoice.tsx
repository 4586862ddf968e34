import Button from 'react-bootstrap/Button';
import { describeEntry, readingText } from '@/core/bench/describeEntry';
import { TimeOfDay } from '@/components/TimeOfDay';
import type { BenchState } from '@/core/bench/benchState';
import { isStored } from '@/core/record/entry';
import type { Body } from '@/core/record/entry';
import type { Rival } from './rivalsOf';

/** Two tablets recorded the same: both stand here, with when and where from, and a tap keeps one. The others are struck, not lost. */
export function RivalChoice({
  groups,
  state,
  onAdd,
}: {
  readonly groups: readonly (readonly Rival[])[];
  readonly state: BenchState;
  readonly onAdd: (body: Body) => void;
}) {
  return groups.map((rivals) => (
    <div key={rivals[0]?.entry.id} className="rivals" role="group" aria-label="Which reading is right?">
      <p>
        {rivals[0] && describeEntry(rivals[0], state.bench.doc, state.steps).says}: which reading is right? The other
        one is struck.
      </p>
      {rivals.map((one) => {
        const reads = readingText(one.body);
        const others = rivals.filter(({ entry }) => entry.id !== one.entry.id);
        return (
          <Button
            key={one.entry.id}
            variant="line"
            // What is only on this tablet cannot be spoken about yet.
            disabled={rivals.some(({ entry }) => !isStored(entry))}
            onClick={() =>
              others.forEach(({ entry }) => onAdd({ k: 'void', target: entry.id, reason: `${reads} was kept` }))
            }
          >
            <strong className="num">Keep {reads}</strong>
            <small>
              <TimeOfDay at={one.entry.at} /> · {one.entry.author.name} · {one.entry.device}
            </small>
          </Button>
        );
      })}
    </div>
  ));
}
