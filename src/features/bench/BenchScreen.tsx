'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { chargeComplete } from '@/core/record/benchCharge';
import { benchState } from '@/core/record/benchState';
import { describeEntry } from '@/core/record/describeEntry';
import { format } from '@/core/quantity/format';
import { isStanding } from '@/core/record/foldRecord';
import { returnedAt } from './returned';
import { RecordTape } from '@/components/RecordTape';
import { Shell } from '@/components/Shell';
import { StepPanel } from './StepPanel';
import { StepRail } from './StepRail';
import { WorkingDrawer, WorkingSource } from '@/components/WorkingDrawer';
import { TimerStrip } from '@/components/TimerStrip';
import { useEntryWords } from '@/components/useEntryWords';
import { useNow } from '@/components/useNow';
import { useRecord } from './useRecord';
import type { BenchState } from '@/core/record/benchState';
import type { Draft } from '@/core/record/entry';
import type { Preparation } from '@/core/preparation/document';
import type { RecordStart } from './useRecord';

export interface BenchStart extends RecordStart {
  readonly className: string;
  readonly doc: Preparation;
}

/** The bench: one step at a time, in large type, its timers above and the record beside it. */
export function BenchScreen(start: BenchStart) {
  const { identity, className, doc } = start;
  const { entries, settings, add, offline, refused, putAside, unsent, now: clock } = useRecord(start);
  const state = useMemo(() => benchState(doc, entries, settings), [doc, entries, settings]);
  const now = useNow(clock);
  const entryWords = useEntryWords(state);
  // The step looked at stays until somebody goes on: its last reading may have shown something.
  const [shown, setShown] = useState(state.current?.step.id);
  const index = state.steps.findIndex(({ step }) => step.id === shown);
  const step = state.steps[index];
  const running = state.timers.filter(({ ended }) => ended === undefined);
  const yields = chargeComplete(state.charge.lines) ? state.charge.actual.product?.mass : undefined;
  return (
    <Shell identity={identity}>
      <WorkingDrawer>
        <WorkingSource doc={doc} entryWords={entryWords}>
          <div className="bench">
            <header className="bench-head">
              <h1>{doc.title}</h1>
              <p>
                {className} · bench {identity.name} · {state.done} of {state.toDo} steps done
                {unsent > 0 && <strong> · {unsent} on this tablet only</strong>} ·{' '}
                <Link href="/bench/results">Results</Link>
              </p>
            </header>
            <p className="protection">
              {doc.protection} Local rules, the risk assessment and the supervising person decide.
            </p>
            {offline && (
              <p className="banner banner-stop" role="status">
                No connection. Go on: entries are kept on this tablet and sent when it is back.
              </p>
            )}
            {refused.map(({ draft, why }) => (
              <p key={draft.id} className="banner banner-stop" role="alert">
                Not accepted: {draftWords(draft, state)}. {why}
                <Button variant="line" onClick={() => putAside(draft.id)}>
                  Put it aside
                </Button>
              </p>
            ))}
            {returnedAt(state).map(({ live, step: at }) => (
              <p key={live.entry.id} className="banner banner-stop" role="status">
                The demonstrator returned {describeEntry(live, doc, state.steps).says}: “{live.returned}”
                {at !== step && (
                  <Button variant="line" onClick={() => setShown(at.step.id)}>
                    Look at it
                  </Button>
                )}
              </p>
            ))}
            {running.length > 0 && (
              <div className="timers" role="region" aria-label="Timers">
                {running.map((timer) => (
                  <TimerStrip key={timer.key} timer={timer} now={now} onOpen={() => setShown(timer.key)} />
                ))}
              </div>
            )}
            <StepRail state={state} shown={step?.step.id} onShow={setShown} />
            <div className="bench-grid">
              <div>
                {step ? (
                  <StepPanel
                    key={step.step.id}
                    step={step}
                    state={state}
                    number={index + 1}
                    onAdd={add}
                    onNext={() => setShown(state.current?.step.id)}
                  />
                ) : (
                  <AllDone />
                )}
              </div>
              <aside>
                {yields && (
                  <section className="card-plain bench-yield">
                    <h2>Theoretical yield of what you took</h2>
                    <p className="bench-amount">{format(yields.q, yields.unit, { figures: yields.figures })}</p>
                    {yields.u !== undefined && (
                      <small>
                        ± {format({ dim: 'mass', value: yields.u }, 'g', { figures: 1 })} by the devices. Your per cent
                        yield is counted on this, not on the sheet.
                      </small>
                    )}
                  </section>
                )}
                <RecordTape state={state} onAdd={add} now={now} />
              </aside>
            </div>
          </div>
        </WorkingSource>
      </WorkingDrawer>
    </Shell>
  );
}

/** A draft that never became an entry, in the words it would have had. */
function draftWords({ body }: Draft, { bench, steps }: BenchState): string {
  const standing = body.k === 'correct' ? body.body : body;
  if (!isStanding(standing)) return 'a change to an entry';
  const { amount, says } = describeEntry({ body: standing }, bench.doc, steps);
  return [amount, says].filter(Boolean).join(' ');
}

function AllDone() {
  return (
    <section className="card-plain bench-line" aria-label="All done">
      <h2 className="bench-sentence">Every step is done. Look at your results.</h2>
      <p className="muted">
        Then clean up: each stream to its waste bottle, glassware degreased, the product stored labelled.
      </p>
      <Link className="btn btn-primary record-button" href="/bench/results">
        Results
      </Link>
    </section>
  );
}
