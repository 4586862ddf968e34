'use client';
import { ExtentOf } from './ExtentBar';
import { Formula } from '@/components/Formula';
import { usePlanView } from '@/components/plan/planView';
import type { CSSProperties } from 'react';
import type { Extents, ReactantExtent } from '@/core/stoichiometry/extents';

/** A reactant that an earlier reaction makes and nobody isolates: all of it goes on, and it may limit like any other. */
export function MadeRow({
  reaction,
  reactant,
  extents,
  percent,
}: {
  readonly reaction: string;
  readonly reactant: ReactantExtent;
  readonly extents: Extents;
  readonly percent: (extent: number) => number;
}) {
  const { plan } = usePlanView();
  const substance = plan.doc.substances.find(({ id }) => id === reactant.id);
  const name = substance?.name ?? reactant.id;
  const plumb = percent(extents.limiting.extent.q.value);
  return (
    <tr className="made-row">
      <th scope="row">
        <span className="line-name">{name}</span>
        <small>
          made before
          {substance?.formula && (
            <>
              {' '}
              · <Formula text={substance.formula} />
            </>
          )}
        </small>
      </th>
      <td colSpan={5}>
        <small className="line-note">all of it goes on, in theory</small>
      </td>
      <td className="extent-cell" style={{ '--plumb-at': `${plumb}%` } as CSSProperties}>
        <span className="plumb" aria-hidden="true" />
        <ExtentOf
          reactant={reactant}
          extents={extents}
          percent={percent}
          cell={`made/${reaction}/${reactant.id}`}
          name={name}
        />
      </td>
      <td />
    </tr>
  );
}
