import { anhydrousAtoms, equalAtoms } from '../../compound/atomsOf';
import { findOperation } from '../../operations/registry';
import { finding } from '../../finding/finding';
import { has } from '../../operations/named';
import { inSentence } from '../../document/inSentence';
import { leftOf, rightOf } from '../../document/reactions';
import { linesOf, named } from './subject';
import type { Finding } from '../../finding/finding';
import type { Reaction } from '../../document/reaction';
import type { Step } from '../../document/steps';
import type { Subject } from './subject';

const racemic = /racem|^\(±\)|^\(RS\)|\brac-|^DL-/i;
const oneHand = /\(\d*[RS](,\d*[RS])*\)|^\([+−-]\)|\b[dl]-|^[DL]-/;
const half_percent = 50;

/** More of a reaction than there can be: both hands of a racemate as one, a ceiling that no longer holds. */
export function ceilingProofs(subject: Subject): readonly Finding[] {
  return subject.plan.doc.reactions.flatMap((reaction) => [
    ...resolution(subject, reaction),
    ...moved(subject, reaction),
  ]);
}

/** One enantiomer is half of a racemate at the most, unless the equation holds the other one or a run stops at half. */
function resolution({ plan: { doc } }: Subject, reaction: Reaction): readonly Finding[] {
  const nameOf = (id: string) => doc.substances.find((one) => one.id === id)?.name ?? '';
  const atoms = (id: string) => anhydrousAtoms(doc.substances.find((one) => one.id === id)?.formula);
  const racemate = leftOf(reaction).find(({ substance }) => racemic.test(nameOf(substance)));
  const product = rightOf(reaction).find(({ substance }) => substance === reaction.product);
  if (!racemate || !product || !oneHand.test(nameOf(product.substance)) || racemic.test(nameOf(product.substance)))
    return [];
  const holdsOther = rightOf(reaction).some(
    ({ substance }) =>
      substance !== product.substance &&
      [product.substance, racemate.substance].some((one) => equalAtoms(atoms(one), atoms(substance))),
  );
  const stops = reaction.runs.every(({ to }) => to?.by === 'conversion' && Number(to.percent.typical) <= half_percent);
  if (holdsOther || 2 * product.coefficient <= racemate.coefficient || (reaction.runs.length > 0 && stops)) return [];
  return [
    finding(
      'proof.resolution',
      'caution',
      { field: 'equation', item: reaction.id },
      { racemate: inSentence(nameOf(racemate.substance)), product: inSentence(nameOf(product.substance)) },
    ),
  ];
}

/** A conversion is what all runs come to; what is taken out or added between two of them moves an equilibrium on. */
function moved(subject: Subject, reaction: Reaction): readonly Finding[] {
  const { steps, lines } = subject.plan.doc;
  const stated = reaction.runs.filter(({ to }) => to?.by === 'conversion');
  const at = stated.map(({ step }) => steps.findIndex(({ id }) => id === step)).sort((a, b) => a - b);
  const [first = -1, last = -1] = [at[0], at.at(-1)];
  if (first < 0 || last <= first) return [];
  const taken = leftOf(reaction).map(({ substance }) => substance);
  const brings = (step: Step) =>
    linesOf(step).some((id) => taken.includes(lines.find((line) => line.id === id)?.substance ?? ''));
  const between = steps.slice(first + 1, last).find((step) => brings(step) || takesOut(step));
  const [from, to] = [steps[first], steps[last]];
  return between && from && to
    ? [
        finding(
          'proof.ceiling',
          'note',
          { step: to.id },
          { from: named(subject, from), to: named(subject, to), between: named(subject, between) },
        ),
      ]
    : [];
}

function takesOut(step: Step): boolean {
  const { distils, concentrates } = findOperation(step.op)?.conditions?.(step.params) ?? {};
  return has(step, 'isolates') || distils !== undefined || concentrates === true;
}
