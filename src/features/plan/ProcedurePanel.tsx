'use client';
import { stepCautions } from '@/core/operations/stepCautions';
import { useEffect, useMemo, useRef, useState } from 'react';
import { asIssued } from '@/core/process/planOf';
import { benchState } from '@/core/bench/benchState';
import { hoursAndMinutes } from '@/components/timeText';
import { Foreseen } from './process/Foreseen';
import { minutesText } from '@/core/document/minutesText';
import { moveStep } from '@/core/editing/steps';
import { OperationSign } from '@/components/OperationSign';
import { Palette } from './procedure/Palette';
import { Sortable, useSortableItem } from '@/components/Sortable';
import { StepEditor } from './procedure/StepEditor';
import { StepTools } from './procedure/StepTools';
import { StepNumbers } from './StepNumbers';
import { useAdding } from './procedure/useAdding';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import { VesselLine } from './process/VesselLine';
import type { Preparation } from '@/core/document/document';

/** The steps as the bench will read them, with their times and the places where one may stop. */
export function ProcedurePanel() {
  const { plan, process, canEdit, edit } = usePlanView();
  const { total_min, attended_min, range } = process.timeline;
  const { doc } = plan;
  const empty = doc.steps.length === 0;
  const [changing, setChanging] = useState<string | undefined>(undefined);
  const adding = useAdding(setChanging);
  const at = (id: string) => doc.steps.findIndex((step) => step.id === id);
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
              {doc.steps.length} steps, about {hoursAndMinutes(total_min)}
              {range && ` (${hoursAndMinutes(range.least_min)} to ${hoursAndMinutes(range.most_min)})`},{' '}
              {hoursAndMinutes(attended_min)} attended, {stops} safe {stops === 1 ? 'stop' : 'stops'}
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
      <Sortable
        id="procedure-steps"
        items={doc.steps.map(({ id }) => id)}
        onMove={(id, over) => edit(`move/${id}`, (now) => moveStep(now, id, at(over) - at(id)))}
        onInsert={(op, before) => adding.add(op, at(before))}
      >
        {!empty && <StepList doc={asIssued(plan)} onOpen={setChanging} />}
        {canEdit && <Palette adding={adding} />}
      </Sortable>
      <StepEditor id={changing} onClose={() => setChanging(undefined)} />
    </section>
  );
}

function StepList({ doc, onOpen }: { readonly doc: Preparation; readonly onOpen: (step: string) => void }) {
  // A bench that has recorded nothing yet reads the plan's own numbers.
  const { steps } = useMemo(() => benchState(doc, []), [doc]);
  return (
    <ol className="procedure-steps" aria-label="Steps of the procedure">
      {steps.map((one, i) => (
        <StepRow key={one.step.id} one={one} number={i + 1} doc={doc} onOpen={onOpen} />
      ))}
    </ol>
  );
}

type BenchStep = ReturnType<typeof benchState>['steps'][number];

function StepRow({
  one: { step, operation, context },
  number,
  doc,
  onOpen,
}: {
  readonly one: BenchStep;
  readonly number: number;
  readonly doc: Preparation;
  readonly onOpen: (step: string) => void;
}) {
  const { canEdit, step: chosen, selectStep } = usePlanView();
  const title = stepTitle(doc, step);
  const { ref, style, handle } = useSortableItem(step.id, title, !canEdit);
  const row = useRef<HTMLLIElement>(null);
  const isChosen = chosen === step.id;
  useEffect(() => {
    // Chosen from elsewhere; what a finger is on must not move away under it.
    if (isChosen && !row.current?.contains(document.activeElement)) row.current?.scrollIntoView({ block: 'nearest' });
  }, [isChosen]);
  return (
    <li
      ref={(node) => {
        row.current = node;
        ref(node);
      }}
      style={style}
      className={isChosen ? 'step-chosen' : undefined}
      onClick={() => selectStep(step.id)}
      onFocusCapture={() => selectStep(step.id)}
    >
      <span className="step-number">{number}.</span>
      {handle}
      <OperationSign sign={operation.sign} />
      <strong>{operation.sentence(context)}</strong>
      {step.text && <span> {step.text}</span>}
      {stepCautions(operation, context).map((caution) => (
        <span key={caution} className="caution-line">
          {caution}
        </span>
      ))}
      <StepNumbers step={step} />
      <StepTools id={step.id} title={title} onOpen={() => onOpen(step.id)} />
      <small>
        {title} · {minutesText(step.time)}, {step.time.attended ? 'attended' : 'unattended'}
        {step.optional && ' · if needed'}
        {step.safeStop && <em> · may stop here: {step.safeStop}</em>}
      </small>
    </li>
  );
}
