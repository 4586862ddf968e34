import { useState } from 'react';
import { assume } from '@/core/editing/edit';
import { formatDigits } from '@/core/quantity/format';
import { fromCanonical } from '@/core/quantity/units';
import { typedNumber } from '@/components/fields/typedNumber';
import { TypedInput } from '@/components/fields/TypedInput';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '@/components/plan/planView';
import type { Assumed } from '@/core/editing/edit';
import type { Assumption } from '@/core/worktop/assumption';
import type { FieldReading } from '@/components/fields/useTypedField';
import type { Prediction } from '@/core/process/predictProcess';

/** What no model can know, with the value that was taken for it. Nothing is zero in silence. */
export function AssumptionTable({ prediction }: { readonly prediction: Prediction }) {
  const { plan, canEdit, edit } = usePlanView();
  const { assumptions } = prediction;
  // One that holds everywhere is written down at every step that makes it.
  const makers = (id: string) =>
    prediction.steps.filter((one) => one.assumptions.some((made) => made.id === id)).map(({ step }) => step.id);
  const stepOf = (id: string | undefined) => plan.doc.steps.find((step) => step.id === id);
  return (
    <div className="table-scroll">
      <table className="values assumptions">
        <thead>
          <tr>
            <th scope="col">Assumed</th>
            <th scope="col">Value</th>
            <th scope="col">Unit</th>
            <th scope="col">Range</th>
            <th scope="col">At</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {assumptions.map((one) => {
            const { id, label, dim, unit, low, typical, high, why, step, written } = one;
            const digits = (value: number) => formatDigits({ dim, value }, unit, { figures: 2 });
            const at = stepOf(step);
            return (
              <tr key={id}>
                <th scope="row">{label}</th>
                <td className="num">
                  {canEdit ? (
                    <AssumedValue
                      assumption={one}
                      commit={(assumed) => edit(`assume/${id}`, (doc) => assume(doc, makers(id), assumed))}
                    />
                  ) : (
                    digits(typical)
                  )}
                </td>
                <td>{unit || '—'}</td>
                <td className="num">{low === high ? '—' : `${digits(low)}${low < 0 ? ' to ' : '–'}${digits(high)}`}</td>
                <td>{at ? stepTitle(plan.doc, at) : 'everywhere'}</td>
                <td>{written ? 'written in the preparation' : why}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

/** The value in its unit. While it is typed, the range it began with stays, and is only widened to hold it. */
function AssumedValue({
  assumption: { key, label, dim, unit, low, typical, high },
  commit,
}: {
  readonly assumption: Assumption;
  readonly commit: (assumed: Assumed) => void;
}) {
  const [range] = useState({ low: fromCanonical(low, unit), high: fromCanonical(high, unit) });
  return (
    <TypedInput
      label={`${label}${unit ? `, ${unit}` : ''}`}
      hideLabel
      inputMode="decimal"
      shown={formatDigits({ dim, value: typical }, unit, { figures: 2 }).replace('−', '-')}
      read={readNumber}
      commit={(value) => commit({ ...range, key, typical: value })}
    />
  );
}

function readNumber(text: string): FieldReading<number> {
  const value = typedNumber(text);
  return value !== undefined ? { ok: true, value } : { ok: false, says: 'A number.' };
}
