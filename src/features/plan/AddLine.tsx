'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { addLine } from '@/core/preparation/edit';
import { roles } from '@/core/preparation/document';
import { usePlanView } from './planView';
import type { Role } from '@/core/preparation/document';

/** Asks for what a new line needs first: its name and its role. */
export function AddLine({
  show,
  onClose,
  onAdded,
}: {
  readonly show: boolean;
  readonly onClose: () => void;
  readonly onAdded: (id: string) => void;
}) {
  const { plan, edit } = usePlanView();
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('solvent');
  const add = () => {
    const { doc, line } = addLine(plan.doc, name.trim(), role);
    edit(`add/${line}`, () => doc);
    setName('');
    onAdded(line);
  };
  return (
    <Modal show={show} onHide={onClose} centered aria-labelledby="add-line">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') add();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="add-line" as="h2">
            Add a line
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <Form.Group controlId="add-name" className="mb-3">
            <Form.Label>Substance or material</Form.Label>
            <Form.Control value={name} maxLength={120} autoFocus onChange={(event) => setName(event.target.value)} />
          </Form.Group>
          <Form.Group controlId="add-role">
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
          <Button type="submit" disabled={name.trim() === '' || plan.doc.lines.length >= 60}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
