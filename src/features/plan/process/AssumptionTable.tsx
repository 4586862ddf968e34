import { format, formatDigits } from '@/core/quantity/format';
import { stepTitle } from '@/core/operations/stepTitle';
import { usePlanView } from '../planView';
import type { Assumption } from '@/core/operations/predicting/assumption';

/** What no model can know, with the value that was taken for it. Nothing is zero in silence. */
export function AssumptionTable({ assumptions }: { readonly assumptions: readonly Assumption[] }) {
  const { plan } = usePlanView();
  const stepOf = (id: string | undefined) => plan.doc.steps.find((step) => step.id === id);
  return (
    <div className="table-scroll">
      <table className="values assumptions">
        <thead>
          <tr>
            <th scope="col">Assumed</th>
            <th scope="col">Value</th>
            <th scope="col">Range</th>
            <th scope="col">At</th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {assumptions.map(({ id, label, dim, unit, low, typical, high, why, step, written }) => {
            const digits = (value: number) => formatDigits({ dim, value }, unit, { figures: 2 });
            const at = stepOf(step);
            return (
              <tr key={id}>
                <th scope="row">{label}</th>
                <td className="num">{format({ dim, value: typical }, unit, { figures: 2 })}</td>
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
