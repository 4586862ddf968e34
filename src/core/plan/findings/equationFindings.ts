import { isWaterAtHand, leftOf, makerOf, rightOf } from '../../document/reactions';
import { describeImbalance } from '../../stoichiometry/balance';
import { finding } from '../../finding/finding';
import { broughtBeside, speciesOf, takesPart } from '../chargeTable';
import type { Reaction } from '../../document/reaction';
import type { LineFacts } from '../facts';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';

/** The equation: readable formulas, balance, a product, every reactant charged. */
export function equationFindings({ doc, facts, differences }: PlanDraft): readonly Finding[] {
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
  return [...found, ...doc.reactions.flatMap((reaction) => ofReaction({ doc, facts, differences }, reaction))];
}

/** One equation: it balances, it has a product, and something brings every reactant. */
function ofReaction(
  { doc, facts, differences }: Pick<PlanDraft, 'doc' | 'facts' | 'differences'>,
  reaction: Reaction,
): readonly Finding[] {
  const found: Finding[] = [];
  // The place is the reaction's only where there are several.
  const where = doc.reactions.length > 1 ? { item: reaction.id } : {};
  const difference = differences.get(reaction.id) ?? {};
  const readable = reaction.terms.every(({ substance }) => facts.substances.get(substance)?.molarMass?.ok);
  if (readable && Object.keys(difference).length > 0) {
    found.push(
      finding(
        'equation.unbalanced',
        'stop',
        { field: 'equation', ...where },
        { difference: describeImbalance(difference) },
      ),
    );
  }
  if (reaction.terms.length > 0 && !rightOf(reaction).some(({ substance }) => substance === reaction.product)) {
    found.push(finding('equation.noProduct', 'stop', { field: 'equation', ...where }));
  }
  const supplied = new Set(
    [...facts.lines.values()].filter((one) => takesPart(one) && one.line.reaction === reaction.id).map(speciesOf),
  );
  for (const { substance: term } of leftOf(reaction)) {
    // Water is everywhere in a work-up: that it does not limit goes without saying.
    if (supplied.has(term) || isWaterAtHand(doc, term) || makerOf(doc, reaction, term)) continue;
    const beside = broughtBeside(facts, reaction, term);
    const name = facts.substances.get(term)?.substance.name ?? term;
    found.push(
      beside
        ? finding('equation.beside', 'note', { term, ...where }, { name, line: lineSays(beside) })
        : finding('equation.uncharged', 'stop', { term, ...where }, { name }),
    );
  }
  return found;
}

/** A line that brings a reactant without being charged as one. */
function lineSays(facts: LineFacts): string {
  const { role } = facts.line;
  if (takesPart(facts)) return 'a line of another reaction';
  return `${/^[aeiou]/.test(role) ? 'an' : 'a'} ${role}`;
}
