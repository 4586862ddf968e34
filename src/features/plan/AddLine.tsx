'use client';
import { useState } from 'react';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import Modal from 'react-bootstrap/Modal';
import { api, ApiError } from '@/api/client';
import { addLine, addLineFrom } from '@/core/editing/edit';
import { fromReference } from '@/core/editing/fromReference';
import { roles } from '@/core/document/document';
import { PickEntry } from '@/components/PickEntry';
import { usePlanView } from '@/components/plan/planView';
import type { EntrySummary } from '@/core/reference/search';
import type { Preparation, Role } from '@/core/document/document';

/** Asks for what a new line needs first: an entry of the reference or a name, and its role. */
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
  const [chosen, setChosen] = useState<EntrySummary | undefined>(undefined);
  const [role, setRole] = useState<Role>('solvent');
  const [says, setSays] = useState<string | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  const add = async () => {
    setBusy(true);
    setSays(undefined);
    try {
      const taken = chosen && fromReference(await api.referenceEntry(chosen.id));
      const into = (doc: Preparation) => (taken ? addLineFrom(doc, taken, role) : addLine(doc, name.trim(), role));
      const { line } = into(plan.doc);
      edit(`add/${line}`, (doc) => into(doc).doc);
      setName('');
      setChosen(undefined);
      onAdded(line);
    } catch (error) {
      setSays(error instanceof ApiError ? error.message : 'The entry could not be read.');
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal show={show} onHide={onClose} centered aria-labelledby="add-line">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') void add();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="add-line" as="h2">
            Add a line
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <PickEntry label="Substance or material" text={name} onText={setName} chosen={chosen} onChoose={setChosen} />
          <Form.Group controlId="add-role" className="mt-3">
            <Form.Label>Role</Form.Label>
            <Form.Select value={role} onChange={(event) => setRole(event.target.value as Role)}>
              {roles.map((one) => (
                <option key={one}>{one}</option>
              ))}
            </Form.Select>
          </Form.Group>
          {says && (
            <p className="typed-says" role="alert">
              {says}
            </p>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="quiet" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit" disabled={busy || name.trim() === '' || plan.doc.lines.length >= 60}>
            Add
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
