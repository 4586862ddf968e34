'use client';
import { useState } from 'react';
import Form from 'react-bootstrap/Form';
import { addLineOf } from '@/core/editing/chosen';
import { mostOf } from '@/core/document/limits';
import { roles } from '@/core/document/document';
import { SubstanceDialog } from './SubstanceDialog';
import { usePlanView } from '@/components/plan/planView';
import type { LineRole } from '@/core/document/document';

/** Asks for what a new line needs first: its substance or material, and its role. */
export function AddLine({
  onClose,
  onAdded,
}: {
  readonly onClose: () => void;
  readonly onAdded: (id: string) => void;
}) {
  const { plan, edit } = usePlanView();
  const [role, setRole] = useState<LineRole>('solvent');
  return (
    <SubstanceDialog
      id="add-line"
      title="Add a line"
      label="Substance or material"
      full={plan.doc.lines.length >= mostOf.lines}
      onClose={onClose}
      onAdd={(chosen) => {
        const { line } = addLineOf(plan.doc, chosen, role);
        edit(`add/${line}`, (doc) => addLineOf(doc, chosen, role).doc);
        onAdded(line);
      }}
    >
      <Form.Group controlId="add-role" className="mt-3">
        <Form.Label>Role</Form.Label>
        <Form.Select value={role} onChange={(event) => setRole(event.target.value as LineRole)}>
          {roles.map((one) => (
            <option key={one}>{one}</option>
          ))}
        </Form.Select>
      </Form.Group>
    </SubstanceDialog>
  );
}
