'use client';
import Button from 'react-bootstrap/Button';
import { duplicateStep, moveStep, removeStep } from '@/core/editing/steps';
import { mostOf } from '@/core/document/limits';
import { usePlanView } from '@/components/plan/planView';

/** What may be done with a step in the list: open, move, write once more, take away. */
export function StepTools({
  id,
  title,
  onOpen,
}: {
  readonly id: string;
  readonly title: string;
  readonly onOpen: () => void;
}) {
  const { plan, edit, canEdit, takeAway } = usePlanView();
  if (!canEdit) return null;
  const at = plan.doc.steps.findIndex((step) => step.id === id);
  return (
    <span className="step-tools">
      <Button variant="quiet" size="sm" onClick={onOpen} aria-label={`Change ${title}`}>
        Change
      </Button>
      <Button
        variant="quiet"
        size="sm"
        aria-label={`Move ${title} up`}
        disabled={at <= 0}
        onClick={() => edit(`move/${id}`, (doc) => moveStep(doc, id, -1))}
      >
        ↑
      </Button>
      <Button
        variant="quiet"
        size="sm"
        aria-label={`Move ${title} down`}
        disabled={at >= plan.doc.steps.length - 1}
        onClick={() => edit(`move/${id}`, (doc) => moveStep(doc, id, 1))}
      >
        ↓
      </Button>
      <Button
        variant="quiet"
        size="sm"
        aria-label={`Write ${title} once more`}
        disabled={plan.doc.steps.length >= mostOf.steps}
        onClick={() => edit(`twice/${id}/${plan.doc.steps.length}`, (doc) => duplicateStep(doc, id))}
      >
        Again
      </Button>
      <Button
        variant="quiet"
        size="sm"
        aria-label={`Take ${title} away`}
        onClick={() => takeAway({ name: title, field: `remove-step/${id}`, change: (doc) => removeStep(doc, id) })}
      >
        ×
      </Button>
    </span>
  );
}
