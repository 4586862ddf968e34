import { fact, finding } from '../../finding/finding';
import { speciesOf, takesPart } from '../chargeTable';
import { stepsIn } from '../../quantity/device';
import type { Extents } from '../../stoichiometry/extents';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';

const narrowMargin = 0.05;

/** Who limits: the intended reagent, by how much, and what rounding did to it. */
export function limitingFindings({ facts, charge, exact, lines, doc, roundingEffect }: PlanDraft): readonly Finding[] {
  const { extents } = charge;
  if (!extents) return [];
  const name = (id: string) => facts.substances.get(id)?.substance.name ?? id;
  const limiting = name(extents.limiting.id);
  const reference = facts.lines.get(doc.reference);
  const intended = reference && takesPart(reference) ? speciesOf(reference) : undefined;
  const at = {
    line:
      lines.find(({ facts: line }) => speciesOf(line) === extents.limiting.id && takesPart(line))?.facts.line.id ?? '',
  };
  const found: Finding[] = [];
  const flipped =
    exact.extents !== undefined && exact.extents.limiting.id !== extents.limiting.id && !exact.extents.tie;
  const even = extents.tie || (exact.extents?.tie ?? false) || (!flipped && withinRounding(lines, extents));
  if (even && extents.next) {
    found.push(finding('limiting.tie', 'caution', at, { limiting, partner: name(extents.next.id) }));
  } else if (intended !== undefined && intended !== extents.limiting.id) {
    found.push(finding('limiting.changed', 'stop', at, { limiting, intended: name(intended) }));
  }
  if (!even && extents.next && extents.margin && extents.margin.q.value < narrowMargin) {
    found.push(narrow(extents.margin.q.value, extents.next.id));
  }
  if (flipped && exact.extents && !extents.tie) {
    found.push(finding('rounding.flip', 'caution', at, { exact: name(exact.extents.limiting.id), limiting }));
  }
  const before = exact.product?.mass;
  const after = charge.product?.mass;
  if (roundingEffect && before && after && Math.abs(roundingEffect.q.value) >= 0.0005) {
    const severity = Math.abs(roundingEffect.q.value) > 0.01 ? 'caution' : 'note';
    found.push(
      finding('rounding.yield', severity, at, {
        yield: fact(after.q, 'g', 4),
        exact: fact(before.q, 'g', 4),
        change: fact(roundingEffect.q, '%', 2),
      }),
    );
  }
  return found;

  function narrow(margin: number, partner: string): Finding {
    const line = lines.find(({ facts: one }) => speciesOf(one) === partner && takesPart(one));
    const loss = line?.flip?.[line.target?.rounded.q.dim ?? 'mass'] ?? line?.flip?.amount;
    return finding(
      'limiting.margin',
      'caution',
      { line: line?.facts.line.id ?? '' },
      {
        limiting,
        partner: name(partner),
        margin: fact({ dim: 'fraction', value: margin }, '%', 2),
        flip: loss ? fact(loss.q, loss.unit, 2) : 'a little',
      },
    );
  }
}

/** Whether the two smallest extents differ by no more than the last steps of what is measured: stoichiometric, as far as anybody can weigh. */
function withinRounding(lines: PlanDraft['lines'], { limiting, next, margin }: Extents): boolean {
  if (!next || !margin) return false;
  const share = (id: string) =>
    lines
      .filter(({ facts }) => takesPart(facts) && speciesOf(facts) === id)
      .reduce((most, { target }) => {
        const device = target?.device;
        return device && target ? Math.max(most, 0.5 / stepsIn(target.rounded.q.value, device)) : most;
      }, 0);
  return margin.q.value <= share(limiting.id) + share(next.id);
}
