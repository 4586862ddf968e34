'use client';
import { Formula } from '@/components/Formula';
import { format } from '@/core/quantity/format';
import { usePlanView } from '@/components/plan/planView';
import { WorkedCell } from '@/components/plan/WorkedCell';
import type { CSSProperties } from 'react';

/** Where the plumb line lands: the theoretical yield of what the bench is asked to measure. */
export function ProductRow({ plumb }: { readonly plumb: number | undefined }) {
  const { plan } = usePlanView();
  const substance = plan.doc.substances.find(({ id }) => id === plan.doc.equation.product);
  const { mass, volume, amount } = plan.charge.product ?? {};
  const before = plan.exact.product?.mass;
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
        {plan.roundingEffect && before && (
          <small className="line-note">
            unrounded {format(before.q, 'g', { figures: 4 })} ({plan.roundingEffect.q.value > 0 && '+'}
            {format(plan.roundingEffect.q, '%', { figures: 2 })})
          </small>
        )}
      </td>
      <td className="r yield">
        {mass ? <WorkedCell id="product/mass" worked={mass} label="Theoretical yield" /> : '—'}
      </td>
      <td className="r">
        {volume && <WorkedCell id="product/volume" worked={volume} label="Theoretical yield by volume" />}
      </td>
      <td className="r">
        {amount && <WorkedCell id="product/amount" worked={amount} label="Theoretical amount of product" />}
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
