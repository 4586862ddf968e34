'use client';
import Button from 'react-bootstrap/Button';
import Form from 'react-bootstrap/Form';
import { AmountFields } from './AmountFields';
import { BottleFields } from './BottleFields';
import { reactionOf, referenceOf } from '@/core/document/reactions';
import { setReference } from '@/core/editing/edit';
import { excessReasons, roles } from '@/core/document/document';
import { none, same } from './lineOptions';
import { ReactionFields } from './ReactionFields';
import { PlaceFields } from './PlaceFields';
import { readText } from '@/components/fields/readers';
import { SelectField } from '@/components/fields/SelectField';
import { TypedInput } from '@/components/fields/TypedInput';
import { useLineEdit } from './useLineEdit';
import type { PlanLine } from '@/core/plan/planTypes';
import type { LineRole } from '@/core/document/document';

/** The line itself: role, amount as written, bottle, device, vessel. */
export function LineFields({ line: row }: { readonly line: PlanLine }) {
  const { line } = row.facts;
  const { plan, edit, put, off } = useLineEdit(line.id);
  const reaction = reactionOf(plan.doc, line);
  const mayLimit = line.role === 'reactant' || line.role === 'reagent in excess';
  return (
    <fieldset className="editor-part">
      <legend>As written, at the tested scale</legend>
      <div className="editor-grid">
        <AmountFields line={row} />
        <SelectField
          label="Role"
          disabled={off}
          value={line.role}
          options={roles.map(same)}
          onChange={(role) => put('role', { role: role as LineRole })}
        />
        <ReactionFields line={row} />
        <BottleFields line={row} />
        <PlaceFields line={row} />
        <SelectField
          label="When scaled"
          disabled={off}
          value={line.scaling ?? 'proportional'}
          options={[
            { value: 'proportional', label: 'in proportion' },
            { value: 'fixed', label: 'stays as written' },
          ]}
          onChange={(scaling) => put('scaling', { scaling: scaling === 'fixed' ? 'fixed' : undefined })}
        />
        <SelectField
          label="Reason for an excess"
          disabled={off}
          value={line.excessReason ?? ''}
          options={[none('none given'), ...excessReasons.map(same)]}
          onChange={(reason) => put('excessReason', { excessReason: excessReasons.find((one) => one === reason) })}
        />
      </div>
      <TypedInput
        label="Note for the bench"
        disabled={off}
        shown={line.note ?? ''}
        read={readText(400, false)}
        commit={(note) => put('note', { note })}
      />
      {!off && mayLimit && line.id !== referenceOf(plan.doc, reaction) && (
        <Form.Text as="p" className="editor-reference">
          <Button variant="line" size="sm" onClick={() => edit('reference', (doc) => setReference(doc, line.id))}>
            Make this the reference
          </Button>{' '}
          the line that is meant to limit; equivalents refer to it.
        </Form.Text>
      )}
    </fieldset>
  );
}
