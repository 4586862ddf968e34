'use client';
import { Fragment, useState } from 'react';
import Button from 'react-bootstrap/Button';
import { Icon } from '@/components/Icon';
import { moveLine } from '@/core/editing/edit';
import { Sortable } from '@/components/Sortable';
import { speciesOf, takesPart } from '@/core/plan/chargeTable';
import { ChargeRow } from './ChargeRow';
import { extentScale } from './ExtentBar';
import { PasteRows } from './PasteRows';
import { MadeRow } from './MadeRow';
import { ProductRow } from './ProductRow';
import { usePastedTable } from './usePastedTable';
import { usePlanView } from '@/components/plan/planView';
import { cellWorked } from './cells';
import { WorkingPanel } from '@/components/WorkingPanel';
import type { Extents } from '@/core/stoichiometry/extents';
import type { Reaction } from '@/core/document/reaction';
import type { Plan, PlanLine } from '@/core/plan/planTypes';

const columns = 8;

// What stands with the reactants: a catalyst, or what is taken apart.
const joined: ReadonlySet<string> = new Set(['catalyst', 'material']);

/** On which the extents of one reaction are drawn. */
interface Axis {
  readonly percent: (extent: number) => number;
  readonly plumb: number | undefined;
}

const nameOf = ({ doc }: Plan, id: string) => doc.substances.find((one) => one.id === id)?.name ?? id;

const noAxis: Axis = { percent: extentScale([]), plumb: undefined };

/** The lines of each reaction on its own axis; where nothing is made, what is taken apart. */
function reactionParts({ doc, lines, charge }: Plan) {
  const joins = ({ facts }: PlanLine) => takesPart(facts) || joined.has(facts.line.role);
  const parts = doc.reactions.map((reaction) => {
    const extents = charge.reactions.get(reaction.id)?.extents;
    const percent = extentScale(extents?.reactants.map(({ extent }) => extent.q.value) ?? []);
    const plumb = extents && percent(extents.limiting.extent.q.value);
    return {
      reaction,
      lines: lines.filter((line) => line.facts.line.reaction === reaction.id && joins(line)),
      made: madeBefore(lines, reaction, extents),
      axis: { percent, plumb } satisfies Axis,
    };
  });
  const others = lines.filter((line) => joins(line) && parts.every((part) => !part.lines.includes(line)));
  return others.length > 0 || parts.length === 0
    ? [...parts, { reaction: undefined, lines: others, made: [], axis: noAxis }]
    : parts;
}

/** Reactants of which no line tells: an earlier reaction makes them. */
function madeBefore(lines: readonly PlanLine[], { id }: Reaction, extents: Extents | undefined) {
  const charged = new Set(
    lines.filter(({ facts }) => facts.line.reaction === id && takesPart(facts)).map(({ facts }) => speciesOf(facts)),
  );
  return extents
    ? extents.reactants.filter((one) => !charged.has(one.id)).map((reactant) => ({ reactant, extents }))
    : [];
}

/** The charge table with the reactants' extents drawn in it, and the plumb line from the shortest down to the product. */
export function ChargeBoard({ onAdd }: { readonly onAdd: () => void }) {
  const { plan, process, edit, open, canEdit } = usePlanView();
  const [pasted, setPasted] = useState<string | undefined>(undefined);
  usePastedTable(canEdit && pasted === undefined, setPasted);
  const parts = reactionParts(plan);
  const rest = plan.lines.filter((line) => parts.every(({ lines }) => !lines.includes(line)));
  const shown = [...parts.flatMap(({ lines }) => lines), ...rest].map(({ facts }) => facts.line.id);
  const working = open === undefined ? undefined : cellWorked(plan, open, process.prediction);
  const workingRow = (title: string) =>
    working && (
      <tr className="working-row">
        <td colSpan={columns}>
          <WorkingPanel worked={working} doc={plan.doc} title={title} />
        </td>
      </tr>
    );
  const row = (line: PlanLine, { percent, plumb }: Axis = noAxis) => (
    <Fragment key={line.facts.line.id}>
      <ChargeRow line={line} percent={percent} plumb={plumb} />
      {open?.startsWith(`${line.facts.line.id}/`) && workingRow(line.facts.substance.substance.name)}
    </Fragment>
  );
  return (
    <div className="board card-plain">
      <Sortable
        id="charge-lines"
        items={shown}
        onMove={(id, over) => edit(`move-line/${id}`, (doc) => moveLine(doc, id, over))}
      >
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
          {parts.map(({ reaction, lines, made, axis }) => (
            <tbody key={reaction?.id ?? 'apart'}>
              {reaction && parts.length > 1 && (
                <tr className="board-section">
                  <th colSpan={columns} scope="rowgroup">
                    {reaction.name}
                  </th>
                </tr>
              )}
              {made.map(({ reactant, extents }) => (
                <Fragment key={reactant.id}>
                  <MadeRow reaction={reaction?.id ?? ''} reactant={reactant} extents={extents} percent={axis.percent} />
                  {open?.startsWith(`made/${reaction?.id ?? ''}/${reactant.id}/`) &&
                    workingRow(nameOf(plan, reactant.id))}
                </Fragment>
              ))}
              {lines.map((line) => row(line, axis))}
              {reaction && <ProductRow reaction={reaction} plumb={axis.plumb} />}
              {reaction && open?.startsWith('product/') && open.endsWith(`/${reaction.id}`) && workingRow('Product')}
            </tbody>
          ))}
          <tbody>
            <tr className="board-section">
              <th colSpan={columns} scope="rowgroup">
                Solvents, work-up and aids
              </th>
            </tr>
            {rest.map((line) => row(line))}
          </tbody>
        </table>
      </Sortable>
      {canEdit && (
        <div className="board-foot">
          <Button variant="quiet" size="sm" onClick={onAdd}>
            <Icon name="plus" /> Add a line
          </Button>
          <Button variant="quiet" size="sm" onClick={() => setPasted('')}>
            Paste rows …
          </Button>
        </div>
      )}
      {pasted !== undefined && <PasteRows first={pasted} onClose={() => setPasted(undefined)} />}
    </div>
  );
}
