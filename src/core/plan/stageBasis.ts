import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import type { Plan } from './planTypes';
import { contentOf } from '../document/steps';
import type { Stage } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** What a stage from the charge can be at most: the theoretical yield, or what a line brought of it. */
export function stageBasis({ charge }: Pick<Plan, 'charge'>, stage: Stage): Worked<'mass'> | undefined {
  const basis = contentOf(stage);
  if (!basis) return charge.product?.mass;
  const mass = charge.rows.get(basis.line)?.total.mass;
  if (!mass || basis.percent === undefined) return mass;
  const value = Number(basis.percent) / 100;
  return derive({
    formula: 'content',
    dim: 'mass',
    unit: 'g',
    value: mass.q.value * value,
    inputs: {
      m: fromWorked(mass),
      w: { q: { dim: 'fraction', value }, unit: '%', figures: 2, source: { at: 'setting', id: 'content' } },
    },
  });
}

/** What the basis of a stage is called where nothing is made: "Fluorene, taken". */
export function basisName(stage: Stage): string | undefined {
  const { name } = stage;
  const basis = contentOf(stage);
  if (!basis) return undefined;
  return basis.percent === undefined ? `${name}, taken` : `${name}, ${basis.percent} % of what was taken`;
}
