import { fact, finding } from '../../finding/finding';
import { findOperation } from '../../operations/registry';
import { gramsOf } from '../../worktop/matter/matter';
import { inSentence } from '../../document/inSentence';
import { lineName } from '../../document/lineName';
import { slotOf } from '../../worktop/vessels';
import { wholeOf } from '../../worktop/matter/shelf';
import { named } from './subject';
import type { Finding } from '../../finding/finding';
import type { Subject } from './subject';

// Less than this clings to glass, g.
const clings_g = 0.1;

/** Something was charged into a vessel, and nothing is ever done with it again: it never meets what it is for. */
export function strandedProofs(subject: Subject): readonly Finding[] {
  const { plan, prediction } = subject;
  const { steps } = prediction;
  const last = steps.at(-1);
  if (!last) return [];
  const kept = new Set([last.product, ...Object.values(last.stages ?? {}), ...steps.map(({ product }) => product)]);
  return plan.doc.vessels.flatMap(({ id, name }): readonly Finding[] => {
    const content = last.shelf[id];
    const grams = content ? gramsOf(wholeOf(content)) : 0;
    const touching = steps.filter(({ touched }) => touched.includes(id));
    const charged = touching.findLast(({ lines }) => lines.length > 0);
    if (!charged || grams < clings_g || kept.has(id)) return [];
    // Something was taken out of it, or put there from elsewhere.
    if (touching.some(({ touched }) => touched.length > 1)) return [];
    // Tubes and washes are meant to stay where they are.
    const meant = touching.some(({ step }) =>
      Object.entries(step.uses ?? {}).some(
        ([use, vessel]) => vessel === id && slotOf(findOperation(step.op)?.vessels ?? {}, use)?.holds === 'waste',
      ),
    );
    if (meant) return [];
    return [
      finding(
        'proof.stranded',
        'caution',
        { step: charged.step.id, field: 'vessel' },
        {
          vessel: inSentence(name),
          step: named(subject, charged.step),
          holds: fact({ dim: 'mass', value: grams }, 'g', 2),
          names: touching
            .flatMap(({ lines }) => lines)
            .map((line) => inSentence(lineName(plan.doc, line)))
            .join(', '),
        },
      ),
    ];
  });
}

/** A vessel of the list that nothing names: what should be in it is in another one. */
export function unusedVessels({ plan: { doc } }: Subject): readonly Finding[] {
  const used = new Set([
    ...doc.lines.map(({ vessel }) => vessel),
    ...doc.steps.flatMap(({ uses = {} }) => Object.values(uses)),
  ]);
  return doc.vessels
    .filter(({ id }) => !used.has(id))
    .map(({ id, name }) => finding('proof.vesselUnused', 'note', { vessel: id }, { vessel: inSentence(name) }));
}
