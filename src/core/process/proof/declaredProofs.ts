import { finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { inSentence } from '../../document/inSentence';
import { named } from './subject';
import { numberIn } from '../../operations/named';
import { slotOf } from '../../worktop/vessels';
import type { Finding } from '../../finding/finding';
import type { Step } from '../../document/steps';
import type { Subject } from './subject';

/** What a step's operation declares of itself, and the step does not keep. */
export function declaredProofs(subject: Subject): readonly Finding[] {
  return subject.plan.doc.steps.flatMap((step) => [...places(subject, step), ...windows(subject, step)]);
}

/** A vessel for which the operation has no place is left aside: somebody meant something by it. */
function places(subject: Subject, step: Step): readonly Finding[] {
  const slots = findOperation(step.op)?.vessels ?? {};
  const { vessels } = subject.plan.doc;
  return Object.entries(step.uses ?? {}).flatMap(([place, id]) => {
    if (slotOf(slots, place)) return [];
    const vessel = inSentence(vessels.find((one) => one.id === id)?.name ?? id);
    const known = Object.keys(slots).join(', ');
    const args = { step: named(subject, step), vessel, place, known: known === '' ? 'none' : known };
    return [finding('proof.noPlace', 'caution', { step: step.id, field: place }, args)];
  });
}

/** A window that ends before it begins holds nothing. */
function windows(subject: Subject, step: Step): readonly Finding[] {
  const fields = findOperation(step.op)?.fields ?? {};
  return Object.entries(fields).flatMap(([key, field]) => {
    if (field.kind !== 'number' || field.below === undefined) return [];
    const [low, high] = [numberIn(step, key), numberIn(step, field.below)];
    if (low === undefined || high === undefined || low <= high) return [];
    const unit = field.unit === '' ? '' : ` ${field.unit}`;
    const args = { step: named(subject, step), low: `${low}${unit}`, high: `${high}${unit}` };
    return [finding('proof.reversed', 'caution', { step: step.id, field: key }, args)];
  });
}
