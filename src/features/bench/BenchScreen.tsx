'use client';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { closedSince } from '@/core/record/periods';
import { yieldInSight } from '@/core/bench/yieldInSight';
import { benchState, nextStep } from '@/core/bench/benchState';
import { describeEntry } from '@/core/bench/describeEntry';
import { withUncertainty } from '@/core/quantity/withUncertainty';
import { isStanding } from '@/core/record/foldRecord';
import { returnedAt } from './returned';
import { Guard } from '@/components/Guard';
import { PlainRecord } from '@/components/PlainRecord';
import { RecordBanners } from './RecordBanners';
import { RecordTape } from '@/components/RecordTape';
import { Shell } from '@/components/Shell';
import { OtherTracks } from './OtherTracks';
import { StepPanel } from './StepPanel';
import { StepRail } from './StepRail';
import { WorkingDrawer, WorkingSource } from '@/components/WorkingDrawer';
import { TimerStrip } from '@/components/TimerStrip';
import { useEntryWords } from '@/components/useEntryWords';
import { useNow } from '@/components/useNow';
import { useRecord } from '@/components/record/useRecord';
import type { BenchState } from '@/core/bench/benchState';
import type { Body, Draft } from '@/core/record/entry';
import type { Timer } from '@/core/operations/operation';
import type { BenchStart } from '@/components/record/benchStart';

/** The bench: one step at a time, in large type, its timers above and the record beside it. */
export function BenchScreen(start: BenchStart) {
  const { identity, classId, className, bench, members, doc } = start;
  const record = useRecord(start);
  const { entries, settings, periods, add, refused, putAside, unsent, now: clock } = record;
  const closed = closedSince(periods);
  const state = useMemo(() => benchState(doc, entries, settings), [doc, entries, settings]);
  const now = useNow(clock);
  const entryWords = useEntryWords(state);
  // The step looked at stays until somebody goes on: its last reading may have shown something.
  const [shown, setShown] = useState(state.current?.step.id);
  const index = state.steps.findIndex(({ step }) => step.id === shown);
  const step = state.steps[index];
  // What to strike from when the step itself cannot be shown.
  const ofStep = step?.own.map(({ entry }) => entry) ?? [];
  const running = state.timers.filter(({ ended }) => ended === undefined);
  const yields = yieldInSight(state);
  return (
    <Shell identity={identity} {...(identity.role === 'group' ? {} : { crumb: bench })}>
      <WorkingDrawer>
        <WorkingSource doc={doc} entryWords={entryWords}>
          <div className="bench">
            <header className="bench-head">
              <h1>{doc.title}</h1>
              <p>
                {className} · bench {bench}
                {members.length > 0 && ` (${members.join(', ')})`} · {state.done} of {state.toDo} steps done
                {unsent > 0 && <strong> · {unsent} on this tablet only</strong>} ·{' '}
                {identity.role === 'group' ? (
                  <Link href="/bench/results">Results</Link>
                ) : (
                  <Link href={`/classes/${classId}`}>Back to the class</Link>
                )}
              </p>
            </header>
            <p className="protection">
              {doc.protection} Local rules, the risk assessment and the supervising person decide.
            </p>
            <RecordBanners start={start} {...record} />
            {state.unreadable.length > 0 && (
              <PlainRecord
                title="Entries that cannot be read"
                entries={state.unreadable}
                identity={identity}
                onAdd={closed === undefined ? add : undefined}
              />
            )}
            {refused.map((one) => (
              <p key={one.id} className="banner banner-stop" role="alert">
                Not accepted: {draftWords(one.draft, state)}. {one.refused}
                <Button variant="line" onClick={() => void putAside(one)}>
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
                  <Guard key={timer.key} of={timer.key} fallback={null}>
                    <TimerStrip
                      timer={timer}
                      now={now}
                      onOpen={() => setShown(timer.step)}
                      {...(timer.again && closed === undefined ? { onAgain: () => add(againBody(timer)) } : {})}
                    />
                  </Guard>
                ))}
              </div>
            )}
            <OtherTracks state={state} shown={step?.step.id} onShow={setShown} />
            <StepRail state={state} shown={step?.step.id} onShow={setShown} />
            <div className="bench-grid">
              <div>
                {step ? (
                  <Guard
                    key={step.step.id}
                    of={`${ofStep.length} ${entries.filter(({ body }) => body.k === 'void').length}`}
                    fallback={
                      <PlainRecord
                        title="This step cannot be shown"
                        all={entries}
                        entries={ofStep}
                        identity={identity}
                        onAdd={closed === undefined ? add : undefined}
                      />
                    }
                  >
                    <StepPanel
                      step={step}
                      state={state}
                      number={index + 1}
                      closed={closed !== undefined}
                      onAdd={add}
                      onNext={() => setShown(nextStep(state, shown)?.step.id)}
                    />
                  </Guard>
                ) : (
                  <AllDone group={identity.role === 'group'} />
                )}
              </div>
              <aside>
                {yields && (
                  <section className="card-plain bench-yield">
                    <h2>Theoretical yield of what you took{yields.of && `, ${yields.of}`}</h2>
                    <p className="bench-amount">
                      {withUncertainty(yields.mass).digits}
                      {'\u00a0'}
                      {yields.mass.unit}
                    </p>
                    {yields.mass.u !== undefined && (
                      <small>
                        ±{'\u00a0'}
                        {withUncertainty(yields.mass).u} {yields.mass.unit} by the devices. Your per cent yield is
                        counted on this, not on the sheet.
                      </small>
                    )}
                  </section>
                )}
                <RecordTape
                  state={state}
                  identity={identity}
                  periods={periods}
                  since={start.since}
                  now={now}
                  {...(closed === undefined ? { onAdd: add } : {})}
                />
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

/** That a repeating timer was seen to. */
const againBody = ({ step, again }: Timer): Body => ({ k: 'event', step, name: again?.name ?? '' });

function AllDone({ group }: { readonly group: boolean }) {
  return (
    <section className="card-plain bench-line" aria-label="All done">
      <h2 className="bench-sentence">Every step is done. Look at your results.</h2>
      <p className="muted">
        Then clean up: each stream to its waste bottle, glassware degreased, the product stored labelled.
      </p>
      {group && (
        <Link className="btn btn-primary record-button" href="/bench/results">
          Results
        </Link>
      )}
    </section>
  );
}
