'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import { asIssued } from '@/core/process/planOf';
import { benchState } from '@/core/bench/benchState';
import { hoursAndMinutes } from '@/components/timeText';
import { Foreseen } from './process/Foreseen';
import { Palette } from './procedure/Palette';
import { StepEditor } from './procedure/StepEditor';
import { StepTools } from './procedure/StepTools';
import { StepNumbers } from './StepNumbers';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import { VesselLine } from './process/VesselLine';
import type { Preparation } from '@/core/document/document';

/** The steps as the bench will read them, with their times and the places where one may stop. */
export function ProcedurePanel() {
  const { plan, process, canEdit } = usePlanView();
  const { total_min, attended_min } = process.timeline;
  const { doc } = plan;
  const empty = doc.steps.length === 0;
  const [changing, setChanging] = useState<string | undefined>(undefined);
  if (empty && !canEdit) return null;
  const stops = doc.steps.filter(({ safeStop }) => safeStop !== undefined).length;
  return (
    <section className="card-plain procedure" aria-label="Procedure">
      <header className="procedure-head">
        <h2>Procedure</h2>
        <span>
          {empty ? (
            'no step yet'
          ) : (
            <>
              {doc.steps.length} steps, about {hoursAndMinutes(total_min)} ({hoursAndMinutes(attended_min)} attended),{' '}
              {stops} safe {stops === 1 ? 'stop' : 'stops'}
            </>
          )}
        </span>
      </header>
      {!empty && <Foreseen process={process} />}
      {!empty && (
        <div className="procedure-drawing">
          <VesselLine prediction={process.prediction} compact />
        </div>
      )}
      {!empty && <StepList doc={asIssued(plan)} onOpen={setChanging} />}
      {canEdit && <Palette at={doc.steps.length} onAdded={setChanging} />}
      <StepEditor id={changing} onClose={() => setChanging(undefined)} />
    </section>
  );
}

function StepList({ doc, onOpen }: { readonly doc: Preparation; readonly onOpen: (step: string) => void }) {
  // A bench that has recorded nothing yet reads the plan's own numbers.
  const { steps } = useMemo(() => benchState(doc, []), [doc]);
  const { step: chosen, selectStep } = usePlanView();
  const rows = useRef(new Map<string, HTMLLIElement>());
  useEffect(() => {
    if (chosen !== undefined) rows.current.get(chosen)?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <ol className="procedure-steps" aria-label="Steps of the procedure">
      {steps.map(({ step, operation, context }) => (
        <li
          key={step.id}
          ref={(row) => {
            if (row) rows.current.set(step.id, row);
            else rows.current.delete(step.id);
          }}
          className={chosen === step.id ? 'step-chosen' : undefined}
          onClick={() => selectStep(step.id)}
          onFocusCapture={() => selectStep(step.id)}
        >
          <strong>{operation.sentence(context)}</strong>
          {step.text && <span> {step.text}</span>}
          {operation.cautions?.(context).map((caution) => (
            <span key={caution} className="caution-line">
              {caution}
            </span>
          ))}
          <StepNumbers step={step} />
          <StepTools id={step.id} title={stepTitle(doc, step)} onOpen={() => onOpen(step.id)} />
          <small>
            {stepTitle(doc, step)} · {step.time.typical_min}
            {'\u00a0'}min, {step.time.attended ? 'attended' : 'unattended'}
            {step.optional && ' · if needed'}
            {step.safeStop && <em> · may stop here: {step.safeStop}</em>}
          </small>
        </li>
      ))}
    </ol>
  );
}
