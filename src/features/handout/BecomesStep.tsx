'use client';
import { enteredText } from '@/core/words/parseEntered';
import { findOperation } from '@/core/operations/registry';
import { lineName } from '@/core/document/lineName';
import { namedBy } from '@/core/operations/named';
import type { SectionKind } from '@/core/handout/handout';
import type { ClauseProps, Handout } from './useHandout';
import type { Step } from '@/core/document/steps';

const places: Readonly<Record<SectionKind, string>> = {
  heading: 'Heading',
  procedure: 'Text of the step above',
  materials: 'Charge table',
  equipment: 'Vessels',
  safety: 'Protection and cautions',
  expected: 'What is expected',
  waste: 'Description',
  background: 'Description',
};

/** What a clause became in the draft: steps with what they take, or its own place. */
export function BecomesStep({ index, clause, handout }: ClauseProps) {
  const loose = handout.draft.loose.get(index);
  return (
    <>
      <Becomes index={index} clause={clause} handout={handout} />
      {loose && (
        <p className="becomes-tray">In the words of the step only, not in the charge table: {loose.join(', ')}</p>
      )}
    </>
  );
}

function Becomes({ index, clause, handout }: ClauseProps) {
  const { draft } = handout;
  const steps = (draft.steps.get(index) ?? []).flatMap((id) => draft.doc.steps.filter((step) => step.id === id));
  const own =
    clause.section === 'procedure' &&
    (clause.operation !== undefined || handout.decisions.operations.get(index) !== undefined);
  if (draft.tray.includes(index))
    return (
      <p className="becomes-tray">
        Not placed: kept in the description
        {clause.without && <>. There is no operation for “{clause.without}”</>}
      </p>
    );
  if (!own || steps.length === 0)
    return (
      <p className="becomes-place">
        {clause.without ? `No operation for “${clause.without}”: text of the step above` : places[clause.section]}
      </p>
    );
  // A step that several clauses make is shown at the first of them.
  const before = index > 0 ? (draft.steps.get(index - 1) ?? []) : [];
  const shown = steps.filter(({ id }) => !before.includes(id));
  if (shown.length === 0) return <p className="becomes-place">Part of the step above</p>;
  return shown.map((step) => <StepCard key={step.id} step={step} handout={handout} />);
}

function StepCard({ step, handout: { draft } }: { readonly step: Step; readonly handout: Handout }) {
  const { doc } = draft;
  const lines = namedBy(step, 'line').flatMap((id) => doc.lines.filter((line) => line.id === id));
  const assumed = draft.assumed.get(step.id) ?? [];
  return (
    <div className="becomes-step">
      <strong>
        <span className="num">{doc.steps.indexOf(step) + 1}</span> {findOperation(step.op)?.title}
      </strong>
      {lines.map((line) => (
        <span key={line.id}>
          {lineName(doc, line.id)}: {line.portions === undefined ? '' : `${String(line.portions)} × `}
          {enteredText(line.entered)}
        </span>
      ))}
      {assumed.length > 0 && <small>Not in the handout: {assumed.join(' · ')}</small>}
    </div>
  );
}
