'use client';
import { Formula } from '@/components/Formula';
import { mainReaction } from '@/core/document/reactions';
import { format } from '@/core/quantity/format';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import type { CSSProperties } from 'react';
import type { Reaction } from '@/core/document/reaction';

/** Where the plumb line lands: the theoretical yield of what the bench is asked to measure. */
export function ProductRow({ reaction, plumb }: { readonly reaction: Reaction; readonly plumb: number | undefined }) {
  const { plan } = usePlanView();
  const substance = plan.doc.substances.find(({ id }) => id === reaction.product);
  const { mass, volume, amount } = plan.charge.reactions.get(reaction.id)?.product ?? {};
  const before = plan.exact.reactions.get(reaction.id)?.product?.mass;
  const effect = reaction === mainReaction(plan.doc) ? plan.roundingEffect : undefined;
  const cell = (column: string) => `product/${column}/${reaction.id}`;
  return (
    <tr className="product-row" data-line="product">
      <th scope="row">
        <span className="line-name">{substance?.name ?? 'Product'}</span>
        <small>
          product
          {substance?.formula && (
            <>
              {' '}
              · <Formula text={substance.formula} />
            </>
          )}
        </small>
      </th>
      <td>
        <strong className="yield-label">Theoretical yield</strong>
        {effect && before && (
          <small className="line-note">
            unrounded {format(before.q, 'g', { figures: 4 })} ({effect.q.value > 0 && '+'}
            {format(effect.q, '%', { figures: 2 })})
          </small>
        )}
      </td>
      <td className="r yield">
        {mass ? <WorkedCell id={cell('mass')} worked={mass} label="Theoretical yield" /> : '—'}
      </td>
      <td className="r">
        {volume && <WorkedCell id={cell('volume')} worked={volume} label="Theoretical yield by volume" />}
      </td>
      <td className="r">
        {amount && <WorkedCell id={cell('amount')} worked={amount} label="Theoretical amount of product" />}
      </td>
      <td />
      <td
        className="extent-cell"
        style={plumb === undefined ? undefined : ({ '--plumb-at': `${plumb}%` } as CSSProperties)}
      >
        {plumb !== undefined && <span className="plumb-bob" aria-hidden="true" />}
        {mass?.u !== undefined && (
          <span className="bob-words" style={besidePlumb(plumb ?? 0)}>
            ±{'\u00a0'}
            {format({ dim: 'mass', value: mass.u }, 'g', { figures: 1 })} by the devices
          </span>
        )}
      </td>
      <td />
    </tr>
  );
}

/** Words beside the bob, on the side where there is room. */
function besidePlumb(plumb: number): CSSProperties {
  return plumb > 55 ? { right: `calc(${100 - plumb}% + 1rem)` } : { left: `calc(${plumb}% + 1.4rem)` };
}
