import { derive } from '../stoichiometry/derive';
import { formedOf } from './chargeTable';
import { substanceFacts } from './facts';
import { fromWorked } from '../quantity/worked';
import type { Charge } from './chargeTable';
import type { Preparation } from '../document/document';
import { contentOf } from '../document/steps';
import type { Stage } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** A document with what was charged, planned or taken. */
export interface Charged {
  readonly doc: Preparation;
  readonly charge: Charge;
}

/**
 * What a stage from the charge can be at most: what its reaction makes of it in theory, as product or beside it, or what a line brought
 * of it.
 */
export function stageBasis({ doc, charge }: Charged, stage: Stage): Worked<'mass'> | undefined {
  const { origin, substance } = stage;
  if (origin === undefined || origin.by === 'stage') return charge.product?.mass;
  if (origin.by !== 'content') {
    const reaction = doc.reactions.find(({ id }) => id === origin.reaction);
    const made = charge.reactions.get(origin.reaction);
    const beside = doc.substances.find(({ id }) => id === substance);
    if (!reaction || !made || !beside || origin.by === 'reaction') return made?.product?.mass;
    return formedOf(reaction.terms, substanceFacts(beside), made.extents)?.mass;
  }
  const basis = origin;
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
