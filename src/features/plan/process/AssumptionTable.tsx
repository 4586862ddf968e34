import { assume } from '@/core/preparation/edit';
import { formatDigits } from '@/core/quantity/format';
import { fromCanonical } from '@/core/quantity/units';
import { TypedInput } from '@/components/TypedInput';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '../planView';
import type { FieldReading } from '@/components/useTypedField';
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
          {assumptions.map(({ id, key, label, dim, unit, low, typical, high, why, step, written }) => {
            const digits = (value: number) => formatDigits({ dim, value }, unit, { figures: 2 });
            const at = stepOf(step);
            return (
              <tr key={id}>
                <th scope="row">{label}</th>
                <td className="num">
                  {canEdit ? (
                    <TypedInput
                      label={`${label}${unit ? `, ${unit}` : ''}`}
                      hideLabel
                      inputMode="decimal"
                      shown={digits(typical).replace('−', '-')}
                      read={readNumber}
                      commit={(value) =>
                        edit(`assume/${id}`, (doc) =>
                          assume(doc, makers(id), {
                            key,
                            low: fromCanonical(low, unit),
                            typical: value,
                            high: fromCanonical(high, unit),
                          }),
                        )
                      }
                    />
                  ) : (
                    digits(typical)
                  )}
                </td>
                <td>{unit || '—'}</td>
                <td className="num">{low === high ? '—' : `${digits(low)}–${digits(high)}`}</td>
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

function readNumber(text: string): FieldReading<number> {
  const value = Number(text.trim().replace('−', '-'));
  return text.trim() !== '' && Number.isFinite(value) ? { ok: true, value } : { ok: false, says: 'A number.' };
}
