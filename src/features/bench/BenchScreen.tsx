'use client';
import { useMemo, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { FindingCard } from '@/components/FindingCard';
import { RecordTape } from '@/components/RecordTape';
import { Shell } from '@/components/Shell';
import { benchCharge, chargeComplete } from '@/core/record/benchCharge';
import { format } from '@/core/quantity/format';
import { ReadingPad } from './ReadingPad';

import { useRecord } from './useRecord';
import type { Identity } from '@/core/people/identity';
import type { Preparation } from '@/core/preparation/document';
import type { BenchLine } from '@/core/record/benchTypes';
import type { Entry } from '@/core/record/entry';
import type { Measured } from '@/core/stoichiometry/lineAmounts';

const show = (amount: Measured) => format(amount.q, amount.unit, { figures: amount.figures });

/** The bench: one thing to measure at a time, in large type, with the record beside it. */
export function BenchScreen({
  identity,
  className,
  doc,
  log,
  entries,
}: {
  readonly identity: Identity;
  readonly className: string;
  readonly doc: Preparation;
  readonly log: string;
  readonly entries: readonly Entry[];
}) {
  const { record, add, offline, problem, unsent } = useRecord(log, identity, entries);
  const charge = useMemo(() => benchCharge(doc, record), [doc, record]);
  const measured = charge.lines.filter(({ plan }) => plan.target);
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const line =
    measured.find(({ plan }) => plan.facts.line.id === chosen) ?? measured.find(({ taken }) => !taken) ?? measured[0];
  const yields = chargeComplete(charge.lines) ? charge.actual.product?.mass : undefined;
  const done = measured.filter(({ taken }) => taken).length;
  return (
    <Shell identity={identity}>
      <div className="bench">
        <header className="bench-head">
          <h1>{doc.title}</h1>
          <p>
            {className} · bench {identity.name} · {done} of {measured.length} measured
            {unsent > 0 && <strong> · {unsent} on this tablet only</strong>}
          </p>
        </header>
        <p className="protection">
          {doc.protection} Local rules, the risk assessment and the supervising person decide.
        </p>
        {offline && (
          <p className="banner banner-stop" role="status">
            No connection. Go on: readings are kept on this tablet and sent when it is back.
          </p>
        )}
        {problem && (
          <p className="banner banner-stop" role="alert">
            {problem}
          </p>
        )}
        <nav className="bench-steps" aria-label="What is measured">
          {measured.map((one) => (
            <StepButton
              key={one.plan.facts.line.id}
              line={one}
              now={one === line}
              onClick={() => setChosen(one.plan.facts.line.id)}
            />
          ))}
        </nav>
        <div className="bench-grid">
          <div>
            {line && (
              <LinePanel
                key={line.plan.facts.line.id}
                line={line}
                doc={doc}
                charge={charge}
                onAdd={add}
                onNext={() => setChosen(undefined)}
              />
            )}
          </div>
          <aside>
            {yields && (
              <section className="card-plain bench-yield">
                <h2>Theoretical yield of what you took</h2>
                <p className="bench-amount">{show(yields)}</p>
                {yields.u !== undefined && (
                  <small>
                    ± {format({ dim: 'mass', value: yields.u }, 'g', { figures: 1 })} by the devices. Your per cent
                    yield is counted on this, not on the plan.
                  </small>
                )}
              </section>
            )}
            <RecordTape record={record} doc={doc} onAdd={add} />
          </aside>
        </div>
      </div>
    </Shell>
  );
}

function StepButton({
  line,
  now,
  onClick,
}: {
  readonly line: BenchLine;
  readonly now: boolean;
  readonly onClick: () => void;
}) {
  return (
    <button
      type="button"
      className={`bench-step ${now ? 'bench-step-now' : ''} ${line.taken ? 'bench-step-done' : ''}`}
      aria-current={now ? 'step' : undefined}
      onClick={onClick}
    >
      <span>
        {line.plan.facts.substance.substance.name} <small className="bench-role">{line.plan.facts.line.role}</small>
      </span>
      <small>{line.taken ? `✓ ${show(line.taken)}` : line.plan.target && show(line.plan.target.rounded)}</small>
    </button>
  );
}

function LinePanel({
  line,
  doc,
  charge,
  onAdd,
  onNext,
}: {
  readonly line: BenchLine;
  readonly doc: Preparation;
  readonly charge: ReturnType<typeof benchCharge>;
  readonly onAdd: ReturnType<typeof useRecord>['add'];
  readonly onNext: () => void;
}) {
  const { facts, target } = line.plan;
  const { substance } = facts.substance;
  const about = charge.findings.filter((finding) => finding.about.line === facts.line.id);
  const readings = Object.values(line.readings);
  const signed = readings.length > 0 && readings.every(({ seals }) => seals.length > 0);
  const asked = readings.some((one) => one.asked);
  return (
    <section className="card-plain bench-line" aria-label={substance.name}>
      <h2 className="bench-sentence">
        {line.taken ? 'Measured ' : 'Measure '}
        <span className="num">
          {line.taken
            ? show(line.taken)
            : `${facts.portions > 1 ? `${facts.portions}\u202f×\u202f` : ''}${target ? show(target.rounded) : ''}`}
        </span>{' '}
        {substance.name}
        {!line.taken && facts.portions > 1 && ', all together'}.
      </h2>
      {line.issuedTarget && !line.taken && (
        <p className="retarget">
          New target: the plan said {show(line.issuedTarget)}; it follows what you took of {referenceName(doc)}.
        </p>
      )}
      {substance.caution && !line.taken && <p className="caution-line">{substance.caution}</p>}
      {facts.line.note && <p className="muted">{facts.line.note}</p>}
      {about.map((finding) => (
        <FindingCard key={finding.key} finding={finding} />
      ))}
      {line.taken ? (
        <div className="bench-after">
          {signed ? (
            <p className="signed-mark">Signed by the demonstrator.</p>
          ) : (
            <Button
              variant="line"
              disabled={asked || readings.some(({ entry }) => entry.seq === 0)}
              onClick={() => onAdd({ k: 'ask', targets: readings.map(({ entry }) => entry.id) })}
            >
              {asked ? 'Waiting for the demonstrator' : 'Ask for a signature'}
            </Button>
          )}
          <Button className="record-button" onClick={onNext}>
            Go on
          </Button>
        </div>
      ) : (
        <ReadingPad line={line} devices={doc.devices} onAdd={onAdd} />
      )}
    </section>
  );
}

function referenceName(doc: Preparation): string {
  const substance = doc.lines.find(({ id }) => id === doc.reference)?.substance;
  return doc.substances.find(({ id }) => id === substance)?.name ?? 'the reference';
}
