'use client';
import { stepCautions } from '@/core/operations/stepCautions';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import { AskList } from './AskList';
import { FindingCard } from '@/components/FindingCard';
import { OutcomeRow } from './OutcomeRow';
import { ReasonDialog } from '@/components/ReasonDialog';
import { renderFinding } from '@/core/words/renderFinding';
import { Retarget } from './Retarget';
import { RivalChoice } from './RivalChoice';
import { rivalsOf } from './rivalsOf';
import { SignatureRow } from './SignatureRow';
import { StepHazards } from './StepHazards';
import { stepTitle } from '@/core/operations/stepTitle';
import { untilWords } from '@/core/document/steps';
import { TellMenu } from './TellMenu';
import type { BenchState, StepState } from '@/core/bench/benchState';
import type { Body } from '@/core/record/entry';
import type { Finding } from '@/core/finding/finding';
import type { NewFile } from '@/api/record/outbox';

const repeatWords = ({ until, least, most }: NonNullable<StepState['step']['repeat']>) =>
  `Again until ${untilWords[until]}: ${least === most ? least : `${least} to ${most}`} times in all.`;

/** One step in full: the sentence, what to heed, what is asked, what was found. */
export function StepPanel({
  step,
  state,
  number,
  closed,
  onAdd,
  onNext,
}: {
  readonly step: StepState;
  readonly state: BenchState;
  readonly number: number;
  /** The record is read only. */
  readonly closed: boolean;
  readonly onAdd: (body: Body, file?: NewFile) => void;
  readonly onNext: () => void;
}) {
  const [overriding, setOverriding] = useState<Finding | undefined>(undefined);
  const { operation, context, status } = step;
  const equipment = operation.equipment?.(step.step.params) ?? [];
  const { text, expect = [], safeStop } = step.step;
  const stops = step.findings.some(({ severity }) => severity === 'stop');
  const over = status !== 'open';
  const rivals = rivalsOf(step);
  return (
    <section className="card-plain bench-line" aria-label={stepTitle(state.bench.doc, step.step)}>
      <p className="bench-kicker">
        Step {number} of {state.steps.length} · {stepTitle(state.bench.doc, step.step)}
        {step.step.optional && ' · if needed'}
      </p>
      <h2 className="bench-sentence">{operation.sentence(context)}</h2>
      <Retarget step={step} state={state} />
      {equipment.length > 0 && <p className="muted">With {equipment.join(' · ')}.</p>}
      {step.step.repeat && <p className="muted">{repeatWords(step.step.repeat)}</p>}
      {text && <p className="muted">{text}</p>}
      {expect.length > 0 && <p className="muted">You will see: {expect.join(' ')}</p>}
      {status === 'open' &&
        stepCautions(operation, context).map((caution) => (
          <p key={caution} className="caution-line">
            {caution}
          </p>
        ))}
      {status === 'open' && <StepHazards step={step} state={state} />}
      {step.findings.map((finding) => (
        <FindingCard
          key={finding.key}
          finding={finding}
          {...(finding.severity === 'stop' && !closed ? { onOverride: setOverriding } : {})}
        />
      ))}
      {!closed && <RivalChoice groups={rivals} state={state} onAdd={onAdd} />}
      {/* A third reading would settle nothing: first a person chooses. */}
      {closed || rivals.length > 0 ? null : status === 'skipped' ? (
        <p className="skipped-mark">
          Left out{step.skipped?.body.k === 'step' && step.skipped.body.reason && `: ${step.skipped.body.reason}`}.{' '}
          <Button variant="line" onClick={() => onAdd({ k: 'step', step: step.step.id, to: 'again' })}>
            Take it up again
          </Button>
        </p>
      ) : (
        <AskList key={step.step.id} step={step} onAdd={onAdd} />
      )}
      <OutcomeRow step={step} />
      {over && safeStop && <p className="safe-stop">You may stop here: {safeStop}</p>}
      <div className="bench-after">
        {over && (
          <Button className="record-button" disabled={stops} onClick={onNext}>
            {stops ? 'Settle the stop first' : 'Go on'}
          </Button>
        )}
        {!closed && (
          <div className="bench-less">
            <SignatureRow step={step} onAdd={onAdd} />
            <TellMenu step={step} onAdd={onAdd} />
          </div>
        )}
      </div>
      {overriding && (
        <ReasonDialog
          title="Go on all the same"
          says={`${renderFinding(overriding).says} Going on is recorded with your name and reason, and the demonstrator sees it.`}
          action="Go on, and record it"
          onClose={() => setOverriding(undefined)}
          onDone={(reason) => {
            onAdd({ k: 'override', finding: overriding.key, facts: overriding.facts, reason });
            setOverriding(undefined);
          }}
        />
      )}
    </section>
  );
}
