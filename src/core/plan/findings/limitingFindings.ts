import { fact, finding } from '../../finding/finding';
import { speciesOf, takesPart } from '../chargeTable';
import { mainReaction, referenceOf } from '../../document/reactions';
import { stepsIn } from '../../quantity/device';
import type { Extents } from '../../stoichiometry/extents';
import type { Reaction } from '../../document/reaction';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';

const narrowMargin = 0.05;

/** Who limits: the intended reagent, by how much, and what rounding did to it. */
export function limitingFindings(draft: PlanDraft): readonly Finding[] {
  return [...draft.doc.reactions.flatMap((reaction) => ofReaction(draft, reaction)), ...roundedYield(draft)];
}

function ofReaction(
  { facts, charge, exact: unrounded, lines: all, doc }: PlanDraft,
  reaction: Reaction,
): readonly Finding[] {
  const extents = charge.reactions.get(reaction.id)?.extents;
  if (!extents) return [];
  const exact = unrounded.reactions.get(reaction.id);
  const lines = all.filter(({ facts: { line } }) => line.reaction === reaction.id);
  const name = (id: string) => facts.substances.get(id)?.substance.name ?? id;
  const limiting = name(extents.limiting.id);
  const reference = facts.lines.get(referenceOf(doc, reaction) ?? '');
  const intended = reference?.line.reaction === reaction.id && takesPart(reference) ? speciesOf(reference) : undefined;
  const shortest = lines.find(({ facts: line }) => speciesOf(line) === extents.limiting.id && takesPart(line));
  // What an earlier reaction makes has no line of its own.
  const at = shortest ? { line: shortest.facts.line.id } : { field: 'equation', item: reaction.id };
  const found: Finding[] = [];
  const flipped = exact !== undefined && exact.extents.limiting.id !== extents.limiting.id && !exact.extents.tie;
  const even = extents.tie || (exact?.extents.tie ?? false) || (!flipped && withinRounding(lines, extents));
  if (even && extents.next) {
    found.push(finding('limiting.tie', 'caution', at, { limiting, partner: name(extents.next.id) }));
  } else if (intended !== undefined && intended !== extents.limiting.id) {
    found.push(finding('limiting.changed', 'stop', at, { limiting, intended: name(intended) }));
  }
  if (!even && extents.next && extents.margin && extents.margin.q.value < narrowMargin) {
    found.push(narrow(extents.margin.q.value, extents.next.id));
  }
  if (flipped && !extents.tie) {
    found.push(finding('rounding.flip', 'caution', at, { exact: name(exact.extents.limiting.id), limiting }));
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

/** What rounding did to what can be made. */
function roundedYield({ doc, charge, exact, roundingEffect, lines }: PlanDraft): readonly Finding[] {
  const before = exact.product?.mass;
  const after = charge.product?.mass;
  if (!roundingEffect || !before || !after || Math.abs(roundingEffect.q.value) < 0.0005) return [];
  const main = mainReaction(doc);
  const limiting = main && charge.reactions.get(main.id)?.extents.limiting.id;
  const line = lines.find(
    ({ facts }) => facts.line.reaction === main?.id && takesPart(facts) && speciesOf(facts) === limiting,
  );
  return [
    finding(
      'rounding.yield',
      Math.abs(roundingEffect.q.value) > 0.01 ? 'caution' : 'note',
      { line: line?.facts.line.id ?? '' },
      { yield: fact(after.q, 'g', 4), exact: fact(before.q, 'g', 4), change: fact(roundingEffect.q, '%', 2) },
    ),
  ];
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
