'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { FindingCard } from '@/components/FindingCard';
import { RecordTape } from '@/components/RecordTape';
import { format } from '@/core/quantity/format';
import { HoldButton } from './HoldButton';
import type { BenchBoard } from '@/core/people/class';
import type { Body } from '@/core/record/entry';
import type { BenchState } from '@/core/record/benchNeed';
import type { Live } from '@/core/record/foldRecord';
import type { Preparation } from '@/core/preparation/document';

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const needWords = {
  stop: 'Look at a reading',
  signature: 'Waits for a signature',
  caution: 'A reading to check',
  nothing: 'Works on',
} as const;

/** One bench: a line to read in passing; opened, its record with the readings in their context. */
export function Lane({
  lane,
  state,
  doc,
  open,
  onToggle,
  onAdd,
}: {
  readonly lane: BenchBoard;
  readonly state: BenchState;
  readonly doc: Preparation;
  readonly open: boolean;
  readonly onToggle: () => void;
  readonly onAdd: (body: Body) => void;
}) {
  const { need, next, measured, toMeasure, waiting, charge } = state;
  const share = toMeasure === 0 ? 0 : measured / toMeasure;
  return (
    <li className={`lane card-plain lane-${need.kind}`} data-bench={lane.bench}>
      <button type="button" className="lane-line" aria-expanded={open} onClick={onToggle}>
        <strong>{lane.bench}</strong>
        <span className="lane-where">
          <span className="lane-track" aria-hidden="true">
            <i style={{ width: `${share * 100}%` }} />
          </span>
          {next === undefined ? 'all measured' : measured === 0 ? `begins with ${next}` : `next: ${next}`}
          <small>
            {measured} of {toMeasure}
          </small>
        </span>
        <span className="lane-need">
          {need.since === undefined ? 'Not begun' : needWords[need.kind]}
          {need.since && <small>since {clock.format(new Date(need.since))}</small>}
        </span>
        <span
          className={`lane-mark ${lane.fault ? 'lane-fault' : ''}`}
          title={lane.fault ?? 'Every entry is as it was stored'}
        >
          {lane.fault ? `record broken: ${lane.fault}` : '✓ record verified'}
        </span>
      </button>
      {open && (
        <div className="lane-open">
          {waiting.length > 0 && <SignBox waiting={waiting} state={state} onAdd={onAdd} />}
          {charge.findings.length > 0 && <h2 className="visually-hidden">Remarks at {lane.bench}</h2>}
          {charge.findings.map((finding) => (
            <FindingCard key={finding.key} finding={finding} />
          ))}
          <RecordTape record={state.record} doc={doc} />
        </div>
      )}
    </li>
  );
}

/** The readings that wait, beside their targets, and the two answers. */
function SignBox({
  waiting,
  state,
  onAdd,
}: {
  readonly waiting: readonly Live[];
  readonly state: BenchState;
  readonly onAdd: (body: Body) => void;
}) {
  const [remark, setRemark] = useState('');
  const lines = [...new Set(waiting.map(({ body }) => (body.k === 'reading' ? body.place.line : body.line)))];
  return (
    <section className="sign-box" aria-label="To sign">
      {lines.map((id) => {
        const line = state.charge.lines.find(({ plan }) => plan.facts.line.id === id);
        const target = line?.taken && line.goal[line.taken.q.dim];
        return (
          <p key={id}>
            {waiting
              .filter(({ body }) => body.k === 'reading' && body.place.line === id)
              .map(
                ({ body }) =>
                  body.k === 'reading' &&
                  `${body.place.slot === 'volume' || body.place.slot === 'net' ? '' : `${body.place.slot} `}${body.digits}\u00a0${body.unit}${body.state ? ` (${body.state.join(', ')})` : ''}`,
              )
              .join(' → ')}
            {' · '}
            {line?.plan.facts.substance.substance.name}
            {line?.taken && (
              <strong className="num"> {format(line.taken.q, line.taken.unit, { figures: line.taken.figures })}</strong>
            )}
            {target && (
              <span className="muted"> target {format(target.q, target.unit, { figures: target.figures })}</span>
            )}
          </p>
        );
      })}
      <div className="sign-actions">
        <HoldButton
          label="Hold to sign"
          onHeld={() =>
            onAdd({ k: 'sign', seals: waiting.map(({ entry }) => ({ entry: entry.id, content: entry.content })) })
          }
        >
          Hold to sign
        </HoldButton>
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            if (remark.trim())
              onAdd({ k: 'return', targets: waiting.map(({ entry }) => entry.id), remark: remark.trim() });
          }}
        >
          <Form.Control
            aria-label="Remark for returning"
            placeholder="Remark"
            value={remark}
            maxLength={300}
            onChange={(event) => setRemark(event.target.value)}
          />
          <Button type="submit" variant="line" disabled={remark.trim() === ''}>
            Return it
          </Button>
        </Form>
      </div>
    </section>
  );
}
