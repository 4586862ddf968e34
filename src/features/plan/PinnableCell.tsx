'use client';
import { Icon } from '@/components/Icon';
import { TypedInput } from '@/components/fields/TypedInput';
import { setPin } from '@/core/editing/edit';
import { formatDigits } from '@/core/quantity/format';
import { findUnit } from '@/core/quantity/units';
import { readAmount } from '@/components/fields/readers';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import type { PlanLine } from '@/core/plan/planTypes';
import type { Worked } from '@/core/quantity/worked';
import type { ReactNode } from 'react';

/** A cell that can hold the pin: a number with its working, or, when pinned, the field of the choice. */
export function PinnableCell({
  line,
  worked,
  over,
  id,
  label,
  lead,
  children,
}: {
  readonly line: PlanLine;
  readonly worked: Worked;
  readonly over: 'bench' | 'class';
  readonly id: string;
  readonly label: string;
  readonly lead?: string;
  readonly children?: ReactNode;
}) {
  const { plan, edit, canEdit } = usePlanView();
  const { pin } = plan.doc;
  const { id: lineId, scaling } = line.facts.line;
  const { name } = line.facts.substance.substance;
  const dim = worked.q.dim;
  const holds = pin.at === 'line' && pin.line === lineId && pin.over === over && findUnit(pin.unit)?.dim === dim;
  const place = (digits: string, unit: string) =>
    edit(`pin/${lineId}/${over}/${dim}`, (doc) => setPin(doc, { at: 'line', line: lineId, digits, unit, over }));
  if (holds) {
    return (
      <div className="pinned-cell">
        <span className="pin-held" title="Pinned: everything else follows from this">
          <Icon name="pinned" />
        </span>
        {lead && <span className="num">{lead}</span>}
        <TypedInput
          label={`Pinned ${label}`}
          hideLabel
          disabled={!canEdit}
          shown={`${pin.digits} ${pin.unit}`}
          read={readAmount([dim], pin.unit)}
          commit={({ digits, unit }) => place(digits, unit)}
        />
        {children}
      </div>
    );
  }
  return (
    <div className="pinnable">
      <WorkedCell id={id} worked={worked} label={label} {...(lead ? { lead } : {})} />
      {canEdit && scaling !== 'fixed' && (
        <button
          type="button"
          className="pin-here"
          title={`Pin this: the rest follows from ${name}`}
          aria-label={`Pin ${label}`}
          onClick={() => place(plainDigits(worked), worked.unit)}
        >
          <Icon name="pin" />
        </button>
      )}
      {children}
    </div>
  );
}

function plainDigits(worked: Worked): string {
  return formatDigits(worked.q, worked.unit, { figures: worked.figures }).replace('−', '-');
}
