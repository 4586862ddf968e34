'use client';
import { SelectField } from '@/components/fields/SelectField';
import { none } from './lineOptions';
import { useLineEdit } from './useLineEdit';
import type { PlanLine } from '@/core/plan/planTypes';

/** Which reaction a line goes into, and whether it comes out of a bottle or is taken from a stage. */
export function ReactionFields({ line: { facts } }: { readonly line: PlanLine }) {
  const { line } = facts;
  const { plan, put, off } = useLineEdit(line.id);
  const { reactions, stages } = plan.doc;
  const same = stages.filter(({ substance }) => substance === line.substance || substance === line.delivers?.substance);
  return (
    <>
      {reactions.length > 0 && (
        <SelectField
          label="For"
          disabled={off}
          value={line.reaction ?? ''}
          options={[none('the work-up'), ...reactions.map(({ id, name }) => ({ value: id, label: name }))]}
          onChange={(reaction) => put('reaction', { reaction: reaction || undefined })}
        />
      )}
      {(same.length > 0 || line.supply) && (
        <SelectField
          label="Taken from"
          disabled={off}
          value={line.supply?.stage ?? ''}
          options={[none('its bottle'), ...same.map(({ id, name }) => ({ value: id, label: name }))]}
          onChange={(stage) => put('supply', { supply: stage ? { stage } : undefined })}
        />
      )}
    </>
  );
}
