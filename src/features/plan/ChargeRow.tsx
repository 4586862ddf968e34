'use client';
import { inSentence } from '@/core/document/inSentence';
import { reactionOf, referenceOf } from '@/core/document/reactions';
import { format } from '@/core/quantity/format';
import { ExtentBar } from './ExtentBar';
import { GraduationStrip } from './GraduationStrip';
import { PinnableCell } from './PinnableCell';
import { placeKey, usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import { useSortableItem } from '@/components/Sortable';
import type { CSSProperties } from 'react';
import type { PlanLine } from '@/core/plan/planTypes';

const dims = ['mass', 'volume', 'amount'] as const;

/** One line of the charge table. */
export function ChargeRow({
  line,
  percent,
  plumb,
}: {
  readonly line: PlanLine;
  readonly percent: (extent: number) => number;
  readonly plumb: number | undefined;
}) {
  const { plan, lit, editLine, canEdit } = usePlanView();
  const { facts, target, total, equivalents, classTotal } = line;
  const { id, role, entered, strength, note } = facts.line;
  const name = facts.substance.substance.name;
  const { ref, style, handle } = useSortableItem(id, `the line ${name}`, !canEdit);
  const supply = plan.doc.stages.find((one) => one.id === facts.line.supply?.stage);
  const gravest = plan.findings.find(({ about, severity }) => about.line === id && severity !== 'note')?.severity;
  const isLit =
    lit.places.has(placeKey({ at: 'line', id })) ||
    lit.places.has(placeKey({ at: 'reference', id: facts.line.substance }));
  return (
    <tr
      ref={ref}
      style={style}
      className={`${isLit ? 'row-lit' : ''} ${gravest ? `row-${gravest}` : ''}`}
      data-line={id}
    >
      <th scope="row">
        {handle}
        <button type="button" className="line-name" onClick={() => editLine(id)} title="Open this line">
          {name}
        </button>
        <small>
          {role}
          {strength &&
            (strength.by === 'molarity' ? `, ${strength.digits}\u00a0mol/L` : `, ${strength.digits}\u00a0% w/w`)}
          {id === referenceOf(plan.doc, reactionOf(plan.doc, facts.line)) && <em> · reference</em>}
          {supply && <em> · from the {inSentence(supply.name)}</em>}
        </small>
      </th>
      <td className="measure">
        {target ? (
          <PinnableCell
            line={line}
            worked={target.rounded}
            over="bench"
            id={`${id}/measure`}
            label={`${name} to measure`}
            {...(facts.portions > 1 ? { lead: `${facts.portions}\u202f×\u202f` } : {})}
          >
            {target.high && (
              <small className="num">
                to {format(target.high.q, target.high.unit, { figures: target.high.figures })}
              </small>
            )}
            <GraduationStrip target={target} />
          </PinnableCell>
        ) : entered.by === 'words' ? (
          <span className="in-words">{entered.text}</span>
        ) : (
          <span className="in-words">cannot be told</span>
        )}
        {note && <small className="line-note">{note}</small>}
      </td>
      {dims.map((dim) => (
        <td key={dim} className="r">
          {total[dim] &&
            // The measured dimension is pinned in its own column; several portions are pinned one at a time.
            (target?.rounded.q.dim === dim || facts.portions > 1 ? (
              <WorkedCell id={`${id}/${dim}`} worked={total[dim]} label={`${dim} of ${name}`} />
            ) : (
              <PinnableCell
                line={line}
                worked={total[dim]}
                over="bench"
                id={`${id}/${dim}`}
                label={`${dim} of ${name}`}
              />
            ))}
        </td>
      ))}
      <td className="r">
        {equivalents && <WorkedCell id={`${id}/equivalents`} worked={equivalents} label={`Equivalents of ${name}`} />}
      </td>
      <td
        className="extent-cell"
        style={plumb === undefined ? undefined : ({ '--plumb-at': `${plumb}%` } as CSSProperties)}
      >
        {plumb !== undefined && <span className="plumb" aria-hidden="true" />}
        <ExtentBar line={line} percent={percent} />
      </td>
      <td className="r class-total">
        {classTotal ? (
          <PinnableCell
            line={line}
            worked={classTotal}
            over="class"
            id={`${id}/class`}
            label={`${name} for the class`}
          />
        ) : (
          entered.by === 'words' && (
            <span className="muted">
              {format({ dim: 'number', value: plan.doc.benches }, '', { decimals: 0 })} × {entered.text}
            </span>
          )
        )}
      </td>
    </tr>
  );
}
