import { fact, finding } from '../../finding/finding';
import type { PlanDraft } from '../planTypes';
import type { Finding } from '../../finding/finding';

const farUp = 3;
const farDown = 0.5;

/** What does not scale in proportion, and how far the tested scale is. The document is written at that scale. */
export function scaleFindings({ factor, lines, doc }: PlanDraft): readonly Finding[] {
  if (!factor.ok) return [finding('pin.cannot', 'stop', { field: 'pin' }, { why: factor.why })];
  const s = factor.value.q.value;
  const shown = fact(factor.value.q, '×', 3);
  const found: Finding[] = [];
  if (s > farUp) found.push(finding('scale.up', 'caution', { field: 'pin' }, { factor: shown }));
  if (s < farDown) found.push(finding('scale.losses', 'note', { field: 'pin' }, { factor: shown }));
  for (const { facts: line } of lines) {
    const { id, addition, scaling, entered } = line.line;
    const name = line.substance.substance.name;
    if (addition && s > 1 + 1e-9) {
      const was = minutes(addition.minutes);
      // Heat is made in proportion to volume and removed through surface: t ∝ s^(1/3) for similar vessels, at the least.
      const time = minutes(addition.minutes * Math.cbrt(s));
      if (addition.exothermic)
        found.push(
          finding('scale.exotherm', 'caution', { line: id, field: 'addition' }, { name, factor: shown, was, time }),
        );
      else found.push(finding('scale.time', 'note', { line: id, field: 'addition' }, { name, was, time }));
    }
    if (scaling === 'fixed' && Math.abs(s - 1) > 1e-9) {
      const amount = entered.by === 'words' ? entered.text : 'as written';
      found.push(finding('scale.fixed', 'note', { line: id }, { name, amount }));
    }
  }
  return doc.lines.length === 0 ? [] : found;
}

function minutes(value: number) {
  return fact({ dim: 'time', value: value * 60 }, 'min', 2);
}
