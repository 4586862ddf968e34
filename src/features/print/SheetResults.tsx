import { earlierOf } from '@/core/document/steps';
import type { Plan } from '@/core/plan/planTypes';

/** Places for what a group works out itself: no number of the plan stands here. */
export function SheetResults({ plan: { doc } }: { readonly plan: Plan }) {
  return (
    <section className="paper-results">
      <h2>Results, with the working</h2>
      <table className="paper-table">
        <thead>
          <tr>
            <th>Stage</th>
            <th>{'Mass or volume'}</th>
            <th>At most (working)</th>
            <th>%</th>
            <th>Melting or boiling range</th>
          </tr>
        </thead>
        <tbody>
          {doc.stages.map((stage) => (
            <tr key={stage.id}>
              <th>
                {stage.name}
                <small>{earlierOf(stage) === undefined ? 'percent yield' : 'percent recovery'}</small>
              </th>
              <td className="paper-blank" />
              <td className="paper-blank" />
              <td className="paper-blank" />
              <td className="paper-blank" />
            </tr>
          ))}
        </tbody>
      </table>
      <p>Reasons for the losses, and what was done otherwise than written:</p>
      <div className="paper-lines" />
    </section>
  );
}
