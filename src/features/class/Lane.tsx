'use client';
import Link from 'next/link';
import { AdmitTablet } from './AdmitTablet';
import { FindingCard } from '@/components/FindingCard';
import { PlainRecord } from '@/components/PlainRecord';
import { RecordTape } from '@/components/RecordTape';
import { renderFinding } from '@/core/words/renderFinding';
import { SignBox } from './SignBox';
import { stepTitle } from '@/core/operations/stepTitle';
import { TimeOfDay } from '@/components/TimeOfDay';
import { TimerStrip } from '@/components/TimerStrip';
import type { BenchBoard } from '@/core/people/class';
import type { BenchNeed } from '@/core/bench/benchNeed';
import type { BenchState } from '@/core/bench/benchState';
import type { Identity } from '@/core/identity';
import type { Periods } from '@/core/record/periods';
import type { Body } from '@/core/record/entry';

const needWords: Readonly<Record<BenchNeed['kind'], string>> = {
  stop: 'Stop',
  signature: 'Waits for a signature',
  late: 'A timer is over',
  caution: 'To check',
  nothing: 'Works on',
};

/** One bench: a line to read in passing; opened, its record with the readings in their context. */
export function Lane({
  lane,
  identity,
  since,
  classId,
  periods,
  state,
  need,
  now,
  open,
  onToggle,
  onAdd,
}: {
  readonly lane: BenchBoard;
  readonly identity: Identity;
  readonly since: string;
  readonly classId: string;
  readonly periods: Periods;
  readonly state: BenchState;
  readonly need: BenchNeed;
  readonly now: number | undefined;
  readonly open: boolean;
  readonly onToggle: () => void;
  readonly onAdd: (body: Body) => void;
}) {
  const { ready, current, done, toDo, waiting, findings, overridden, timers } = state;
  const share = toDo === 0 ? 0 : done / toDo;
  const running = timers.filter(({ ended }) => ended === undefined);
  return (
    <li id={`lane-${lane.log}`} className={`lane card-plain lane-${need.kind}`} data-bench={lane.bench}>
      <button type="button" className="lane-line" aria-expanded={open} onClick={onToggle}>
        <strong>{lane.bench}</strong>
        <span className="lane-where">
          <span className="lane-track" aria-hidden="true">
            <i style={{ width: `${share * 100}%` }} />
          </span>
          {ready.map(({ step }) => stepTitle(state.bench.doc, step)).join(' · ') || 'every step done'}
          <small>
            {done} of {toDo}
          </small>
        </span>
        <span className="lane-need">
          {need.since === undefined
            ? 'Not begun'
            : need.kind === 'nothing' && !current
              ? 'Finished'
              : needWords[need.kind]}
          {need.about && `: ${need.about}`}
          {need.since && (
            <small>
              since <TimeOfDay at={need.since} />
            </small>
          )}
        </span>
        <span
          className={`lane-mark ${lane.fault ? 'lane-fault' : ''}`}
          title={lane.fault ?? 'Every entry is as it was stored'}
        >
          {lane.fault ? `record broken: ${lane.fault}` : '✓ record verified'}
        </span>
      </button>
      {running.length > 0 && (
        <div className="lane-timers">
          {running.map((timer) => (
            <TimerStrip key={timer.key} timer={timer} now={now} />
          ))}
        </div>
      )}
      {state.unreadable.length > 0 && (
        <PlainRecord title="Entries that cannot be read" entries={state.unreadable} identity={identity} onAdd={onAdd} />
      )}
      {open && (
        <div className="lane-open">
          {waiting.length > 0 && <SignBox waiting={waiting} state={state} onAdd={onAdd} />}
          {findings.length > 0 && <h2 className="visually-hidden">Remarks at {lane.bench}</h2>}
          {findings.map((finding) => (
            <FindingCard key={finding.key} finding={finding} />
          ))}
          {overridden.map(({ finding, by, earlierRules }) => (
            <p key={finding.key} className="muted">
              Went on in spite of “{renderFinding(finding).title}” at <TimeOfDay at={by.entry.at} />
              {earlierRules && ' (by earlier rules)'}: {by.body.reason}
            </p>
          ))}
          <div className="lane-doors">
            <Link href={`/classes/${classId}/benches/${lane.id}`}>Write for {lane.bench}</Link>
            <AdmitTablet classId={classId} bench={lane} />
          </div>
          <RecordTape state={state} identity={identity} periods={periods} since={since} />
        </div>
      )}
    </li>
  );
}
