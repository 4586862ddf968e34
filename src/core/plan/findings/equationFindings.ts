import { describeImbalance } from '../../stoichiometry/balance';
import { finding } from '../../finding/finding';
import { speciesOf, takesPart } from '../chargeTable';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';

/** The equation: readable formulas, balance, a product, every reactant charged. */
export function equationFindings({ doc, facts, difference }: PlanDraft): readonly Finding[] {
  const found: Finding[] = [];
  for (const { substance, molarMass } of facts.substances.values()) {
    if (molarMass && !molarMass.ok) {
      found.push(
        finding(
          'formula.bad',
          'stop',
          { substance: substance.id, field: 'formula' },
          { name: substance.name, why: molarMass.why },
        ),
      );
    }
  }
  const readable = doc.equation.terms.every(({ substance }) => facts.substances.get(substance)?.molarMass?.ok);
  if (readable && Object.keys(difference).length > 0) {
    found.push(
      finding('equation.unbalanced', 'stop', { field: 'equation' }, { difference: describeImbalance(difference) }),
    );
  }
  // A separation or a purification has no equation.
  if (
    doc.equation.terms.length > 0 &&
    !doc.equation.terms.some(({ side, substance }) => side === 'right' && substance === doc.equation.product)
  ) {
    found.push(finding('equation.noProduct', 'stop', { field: 'equation' }));
  }
  const left = doc.equation.terms.filter(({ side }) => side === 'left').map(({ substance }) => substance);
  const supplied = new Set([...facts.lines.values()].filter(takesPart).map(speciesOf));
  for (const term of left.filter((id) => !supplied.has(id))) {
    found.push(
      finding('equation.uncharged', 'stop', { term }, { name: facts.substances.get(term)?.substance.name ?? term }),
    );
  }
  return found;
}
