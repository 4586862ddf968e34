'use client';
import { useMemo, useState } from 'react';
import { asIssued } from '@/core/process/planOf';
import { benchState } from '@/core/bench/benchState';
import { hoursAndMinutes } from '@/components/timeText';
import { Palette } from './procedure/Palette';
import { StepEditor } from './procedure/StepEditor';
import { StepTools } from './procedure/StepTools';
import { StepNumbers } from './StepNumbers';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import type { Preparation } from '@/core/document/document';

/** The steps as the bench will read them, with their times and the places where one may stop. */
export function ProcedurePanel() {
  const { plan, process, canEdit } = usePlanView();
  const { total_min, attended_min } = process.timeline;
  const { doc } = plan;
  const empty = doc.steps.length === 0;
  const [open, setOpen] = useState(empty && canEdit);
  const [changing, setChanging] = useState<string | undefined>(undefined);
  if (empty && !canEdit) return null;
  const stops = doc.steps.filter(({ safeStop }) => safeStop !== undefined).length;
  return (
    <section className="card-plain procedure" aria-label="Procedure">
      <button type="button" className="procedure-head" aria-expanded={open} onClick={() => setOpen(!open)}>
        <strong>Procedure</strong>
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
      </button>
      {open && !empty && <StepList doc={asIssued(plan)} onOpen={setChanging} />}
      {open && canEdit && <Palette at={doc.steps.length} onAdded={setChanging} />}
      <StepEditor id={changing} onClose={() => setChanging(undefined)} />
    </section>
  );
}

function StepList({ doc, onOpen }: { readonly doc: Preparation; readonly onOpen: (step: string) => void }) {
  // A bench that has recorded nothing yet reads the plan's own numbers.
  const { steps } = useMemo(() => benchState(doc, []), [doc]);
  return (
    <ol className="procedure-steps">
      {steps.map(({ step, operation, context }) => (
        <li key={step.id}>
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
