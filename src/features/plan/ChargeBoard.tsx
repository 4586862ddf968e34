'use client';
import { Fragment } from 'react';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { takesPart } from '@/core/plan/chargeTable';
import { ChargeRow } from './ChargeRow';
import { extentScale } from './ExtentBar';
import { ProductRow } from './ProductRow';
import { usePlanView } from '@/components/plan/planView';
import { cellWorked } from './cells';
import { WorkingPanel } from '@/components/WorkingPanel';
import type { PlanLine } from '@/core/plan/planTypes';

const columns = 8;

// What stands with the reactants: a catalyst, or what is taken apart.
const joined: ReadonlySet<string> = new Set(['catalyst', 'material']);

/** The charge table with the reactants' extents drawn in it, and the plumb line from the shortest down to the product. */
export function ChargeBoard({ onAdd }: { readonly onAdd: () => void }) {
  const { plan, open, canEdit } = usePlanView();
  const reaction = plan.lines.filter(({ facts }) => takesPart(facts) || joined.has(facts.line.role));
  const rest = plan.lines.filter((line) => !reaction.includes(line));
  const percent = extentScale(plan.charge.extents?.reactants.map(({ extent }) => extent.q.value) ?? []);
  const limiting = plan.charge.extents?.limiting.extent.q.value;
  const plumb = limiting === undefined ? undefined : percent(limiting);
  const working = open === undefined ? undefined : cellWorked(plan, open);
  const row = (line: PlanLine) => (
    <Fragment key={line.facts.line.id}>
      <ChargeRow line={line} percent={percent} plumb={reaction.includes(line) ? plumb : undefined} />
      {working && open?.startsWith(`${line.facts.line.id}/`) && (
        <tr className="working-row">
          <td colSpan={columns}>
            <WorkingPanel worked={working} doc={plan.doc} title={line.facts.substance.substance.name} />
          </td>
        </tr>
      )}
    </Fragment>
  );
  return (
    <div className="board card-plain">
      <table className="board-table">
        <caption className="visually-hidden">Charge table for one bench, with the class total</caption>
        <thead>
          <tr>
            <th scope="col">Substance</th>
            <th scope="col">Measure, one bench</th>
            <th scope="col" className="r">
              Mass
            </th>
            <th scope="col" className="r">
              Volume
            </th>
            <th scope="col" className="r">
              Amount
            </th>
            <th scope="col" className="r">
              Equiv.
            </th>
            <th scope="col">Extent of reaction</th>
            <th scope="col" className="r">
              {plan.doc.benches} benches{plan.doc.spare_percent > 0 && ` + ${plan.doc.spare_percent} %`}
            </th>
          </tr>
        </thead>
        <tbody>
          {reaction.map(row)}
          {plan.doc.equation.terms.length > 0 && <ProductRow plumb={plumb} />}
          {working && open?.startsWith('product/') && (
            <tr className="working-row">
              <td colSpan={columns}>
                <WorkingPanel worked={working} doc={plan.doc} title="Product" />
              </td>
            </tr>
          )}
        </tbody>
        <tbody>
          <tr className="board-section">
            <th colSpan={columns} scope="rowgroup">
              Solvents, work-up and aids
            </th>
          </tr>
          {rest.map(row)}
        </tbody>
      </table>
      {canEdit && (
        <div className="board-foot">
          <Button variant="quiet" size="sm" onClick={onAdd}>
            <Icon name="plus" /> Add a line
          </Button>
        </div>
      )}
    </div>
  );
}
