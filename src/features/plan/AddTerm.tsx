'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { addTermOf } from '@/core/editing/chosen';
import { mostOf } from '@/core/document/limits';
import { SubstancePick } from './SubstancePick';
import { usePlanView } from '@/components/plan/planView';
import { useSubstancePick } from './useSubstancePick';
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
  const pick = useSubstancePick();
  const add = async () => {
    const chosen = await pick.choose();
    if (!chosen) return;
    edit(`add-term/${reaction}/${side}/${pick.name}${pick.smiles}`, (doc) => addTermOf(doc, reaction, side, chosen));
    onClose();
  };
  return (
    <Modal show onHide={onClose} centered aria-labelledby="add-term">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (pick.ready) void add();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="add-term" as="h2">
            Add {sides[side]}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <SubstancePick label="Substance" pick={pick} />
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={pick.busy || !pick.ready || plan.doc.substances.length >= mostOf.substances}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
