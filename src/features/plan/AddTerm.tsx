'use client';
import { addTermOf } from '@/core/editing/chosen';
import { mostOf } from '@/core/document/limits';
import { SubstanceDialog } from './SubstanceDialog';
import { usePlanView } from '@/components/plan/planView';
import type { Term } from '@/core/document/reaction';

const sides = { left: 'what reacts', right: 'what forms' } as const;

/** Asks for a substance on one side of a reaction. */
export function AddTerm({
  reaction,
  side,
  onClose,
}: {
  readonly reaction: string;
  readonly side: Term['side'];
  readonly onClose: () => void;
}) {
  const { plan, edit } = usePlanView();
  const { substances } = plan.doc;
  return (
    <SubstanceDialog
      id="add-term"
      title={`Add ${sides[side]}`}
      label="Substance"
      full={substances.length >= mostOf.substances}
      onClose={onClose}
      onAdd={(chosen) => {
        edit(`add-term/${reaction}/${side}/${substances.length}`, (doc) => addTermOf(doc, reaction, side, chosen));
        onClose();
      }}
    />
  );
}
