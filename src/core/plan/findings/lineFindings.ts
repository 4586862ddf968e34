import { fact, finding } from '../../finding/finding';
import { chargeOf, speciesOf, takesPart } from '../chargeTable';
import { leftOf, reactionOf } from '../../document/reactions';
import type { PlanDraft, PlanLine } from '../planTypes';
import type { Finding } from '../../finding/finding';

const catalystRemark = 0.2;

/** Each line by itself: enough facts to compute it, a place in the equation, a reasoned excess, a catalyst that is one. */
export function lineFindings(draft: PlanDraft): readonly Finding[] {
  return draft.lines.flatMap((line) => [...missingFacts(draft, line), ...excess(draft, line), ...catalyst(line)]);
}

function missingFacts({ doc, facts }: PlanDraft, { facts: line, target, total }: PlanLine): readonly Finding[] {
  const { id, entered, strength } = line.line;
  const name = line.substance.substance.name;
  if (entered.by === 'words') return [];
  const about = { line: id };
  if (!target) return [finding('line.badReference', 'stop', { ...about, field: 'entered' }, { name })];
  if (!takesPart(line)) return [];
  const found: Finding[] = [];
  const reaction = reactionOf(doc, line.line);
  if (!reaction || !leftOf(reaction).some(({ substance }) => substance === speciesOf(line))) {
    found.push(finding('line.notInEquation', 'caution', about, { name }));
  }
  if (total.amount) return found;
  const formula = facts.substances.get(line.line.substance)?.molarMass;
  if (strength?.by !== 'molarity' && !formula) return [...found, finding('line.noFormula', 'stop', about, { name })];
  const way = target.rounded.q.dim;
  if (way !== 'amount' && !line.bottle.density && (way === 'volume') === (strength?.by !== 'molarity')) {
    found.push(finding('line.noDensity', 'stop', { ...about, field: 'density' }, { name, way, wanted: 'an amount' }));
  }
  return found;
}

function excess({ charge }: PlanDraft, { facts: line, extent }: PlanLine): readonly Finding[] {
  if (!extent?.flip || chargeOf(charge, line.line)?.extents.tie || line.line.excessReason) return [];
  return [
    finding(
      'excess.noReason',
      'note',
      { line: line.line.id, field: 'excessReason' },
      {
        name: line.substance.substance.name,
        excess: fact(extent.excess.q, '%', 2),
      },
    ),
  ];
}

function catalyst({ facts: line, equivalents }: PlanLine): readonly Finding[] {
  if (line.line.role !== 'catalyst' || !equivalents || equivalents.q.value < catalystRemark) return [];
  const loading = fact({ dim: 'fraction', value: equivalents.q.value }, 'mol %', 2);
  return [
    finding('catalyst.large', 'caution', { line: line.line.id }, { name: line.substance.substance.name, loading }),
  ];
}
