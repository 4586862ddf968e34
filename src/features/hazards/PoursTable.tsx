'use client';
import Button from 'react-bootstrap/Button';
import { format } from '@/core/quantity/format';
import { excessText } from '@/core/waste/excessText';
import { usePlanView } from '@/components/plan/planView';
import { wasteStreams } from '@/core/reference/wasteStreams';
import { gramsOf } from '@/core/worktop/matter/matter';
import type { Pour } from '@/core/waste/pours';

const layers = { organic: 'organic layer', liquid: 'liquid', solid: 'solid' } as const;

// Below it a layer is what clings to glass.
const least_g = 0.1;

/** What each vessel holds when the work is done, layer by layer, and where it goes. */
export function PoursTable({ pours }: { readonly pours: readonly Pour[] }) {
  const shown = pours.filter(({ matter }) => gramsOf(matter) >= least_g);
  const rest = pours.length - shown.length;
  return (
    <section aria-label="Waste by vessel">
      <h3 className="h6 mt-3">By vessel, at one bench</h3>
      <table className="values waste-table">
        <thead>
          <tr>
            <th scope="col">Vessel</th>
            <th scope="col">Amount</th>
            <th scope="col">Acid or base</th>
            <th scope="col">Holds most</th>
            <th scope="col">Goes to</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((pour) => (
            <tr key={`${pour.place}/${pour.layer}`}>
              <th scope="row">
                {pour.label}
                <small className="muted">{layers[pour.layer]}</small>
              </th>
              <td>{amountOf(pour)}</td>
              <td>{excessText(pour.excess_mol)}</td>
              <td className="waste-holds">{pour.most.join('; ')}</td>
              <td>{pour.stream ? wasteStreams[pour.stream].name : <Asked unknown={pour.unknown ?? []} />}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rest > 0 && <p className="muted">Rinsings of {rest} more, less than 0.1 g each, are counted with them.</p>}
    </section>
  );
}

const amountOf = ({ volume_mL, matter }: Pour) =>
  volume_mL === undefined
    ? format({ dim: 'mass', value: gramsOf(matter) }, 'g', { figures: 2 })
    : format({ dim: 'volume', value: volume_mL }, 'mL', { figures: 2 });

/** In no bottle yet: where to say what it is. */
function Asked({ unknown }: { readonly unknown: readonly string[] }) {
  const { plan, canEdit, editLine } = usePlanView();
  const { lines, substances } = plan.doc;
  const asked = unknown.map((id) => ({
    id,
    name: substances.find((one) => one.id === id)?.name ?? id,
    line: lines.find(({ substance }) => substance === id)?.id,
  }));
  return (
    <span className="waste-asked">
      In no bottle yet.
      {asked.map(({ id, name, line }) =>
        canEdit && line !== undefined ? (
          <Button key={id} variant="line" size="sm" onClick={() => editLine(line)}>
            Say where {name} goes
          </Button>
        ) : (
          <span key={id}> What is {name}?</span>
        ),
      )}
    </span>
  );
}
