'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { addLineOf } from '@/core/editing/chosen';
import { mostOf } from '@/core/document/limits';
import { roles } from '@/core/document/document';
import { SubstancePick } from './SubstancePick';
import { usePlanView } from '@/components/plan/planView';
import { useSubstancePick } from './useSubstancePick';
import type { Role } from '@/core/document/document';

/** Asks for what a new line needs first: an entry of the reference or a name, and its role. */
export function AddLine({
  onClose,
  onAdded,
}: {
  readonly onClose: () => void;
  readonly onAdded: (id: string) => void;
}) {
  const { plan, edit } = usePlanView();
  const pick = useSubstancePick();
  const [role, setRole] = useState<Role>('solvent');
  const add = async () => {
    const chosen = await pick.choose();
    if (!chosen) return;
    const { line } = addLineOf(plan.doc, chosen, role);
    edit(`add/${line}`, (doc) => addLineOf(doc, chosen, role).doc);
    onAdded(line);
  };
  return (
    <Modal show onHide={onClose} centered aria-labelledby="add-line">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (pick.ready) void add();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="add-line" as="h2">
            Add a line
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <SubstancePick label="Substance or material" pick={pick} />
          <Form.Group controlId="add-role" className="mt-3">
            <Form.Label>Role</Form.Label>
            <Form.Select value={role} onChange={(event) => setRole(event.target.value as Role)}>
              {roles.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </Form.Select>
          </Form.Group>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={pick.busy || !pick.ready || plan.doc.lines.length >= mostOf.lines}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
