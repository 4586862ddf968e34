import { conversion } from './conversion';
import { leftOf, reactionBehind, rightOf, rootOf } from '../../document/reactions';
import { stageBasis } from '../../plan/stageBasis';
import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, nothing, plus, times } from '../matter/matter';
import { phaseKinds } from '../matter/shelf';
import type { Matter } from '../matter/matter';
import type { Running } from './conversion';
import type { Reaction, Term } from '../../document/reaction';
import type { PhaseKind } from '../matter/shelf';
import type { Worked } from '../../quantity/worked';
import type { Worktop } from './worktop';

const roundedWeights = 1e-4;
// Below it a reactant is there in name only: its amount was given in words.
const least_mol = 1e-8;

/**
 * The reactions of a step run in a vessel, as far as the conversion assumed: every reactant gives its part, the products come into the
 * liquid. Mass is conserved because the equation is balanced; an equation that is not leaves its difference as matter of its own.
 */
export function react(work: Worktop, place: string): void {
  work.reacted = true;
  for (const one of work.runs) run(work, place, one);
}

function run(work: Worktop, place: string, { reaction, to }: Running): void {
  const { kind } = work.world;
  const { terms, product } = reaction;
  const here = work.whole(place);
  const molar = (id: string) => kind(id).M ?? NaN;
  const most = Math.min(
    ...leftOf(reaction).map(({ substance, coefficient }) => (here[substance] ?? 0) / molar(substance) / coefficient),
  );
  // Without every molar mass nothing can be said of what is formed.
  const readable = terms.every(({ substance }) => kind(substance).M !== undefined);
  if (leftOf(reaction).length === 0 || !(most > least_mol) || !readable) return;
  const X = conversion(work, place, { reaction, to }, most);
  const extent = most * X.q.value;
  const grams = (all: readonly Term[]): Matter =>
    Object.fromEntries(all.map(({ substance, coefficient }) => [substance, coefficient * extent * molar(substance)]));
  work.draw(place, grams(leftOf(reaction)));
  const formed = balanced(grams(leftOf(reaction)), grams(rightOf(reaction)));
  work.put(place, 'liquid', formed);
  if (product !== undefined) loseUnconverted(work, { ...reaction, product }, formed[product] ?? 0, X);
}

/**
 * Products of the same mass as what was used. Atomic weights are rounded: a balanced equation agrees to a few parts in 10⁵, and
 * what is lacking or over stands as matter of its own. An equation that makes much more than it takes is cut down to it.
 */
function balanced(used: Matter, made: Matter): Matter {
  const over = gramsOf(made) - gramsOf(used);
  const formed = over > roundedWeights * gramsOf(used) ? times(made, gramsOf(used) / gramsOf(made)) : made;
  const difference = gramsOf(used) - gramsOf(formed);
  return Math.abs(difference) > 1e-12 ? { ...formed, 'difference~': difference } : formed;
}

/**
 * What was not converted is missing in the stage. Of an intermediate that is not isolated the same share is missing in what is made of
 * it.
 */
function loseUnconverted(
  work: Worktop,
  { id, product }: Pick<Reaction, 'id'> & { readonly product: string },
  formed: number,
  X: Worked<'fraction'>,
): void {
  const { plan } = work.world;
  const share = X.q.value;
  const own = plan.charge.reactions.get(id)?.product?.mass;
  if (!own) return;
  const passing = work.stage !== undefined && reactionBehind(plan.doc, work.stage)?.id !== id;
  const theory = passing ? (stageBasis(plan, rootOf(plan.doc, work.stage)) ?? own) : own;
  const possible = formed / share;
  // What did not come into the flask cannot be formed: then the theory is not the basis of this loss.
  const whole = Math.abs(own.q.value / possible - 1) < 1e-6;
  if (passing && !whole) return;
  work.lose(
    'unconverted',
    'not converted',
    derive({
      formula: 'unconverted',
      dim: 'mass',
      unit: 'g',
      value: (whole ? theory.q.value : possible) * (1 - share),
      inputs: {
        m_theo: whole ? fromWorked(theory) : fromWorked(work.foreseenMass(possible, product)),
        X: fromWorked(X),
      },
      figures: 2,
      certain: 'assumed',
    }),
  );
}

/** Moves a share of every phase from one place to another. */
export function pourShare(work: Worktop, from: string, to: string, share: number): void {
  for (const kind of phaseKinds) {
    const part = times(work.phase(from, kind), share);
    work.put(to, kind, work.take(from, kind, part));
  }
}

/** Everything liquid in a place. */
export function liquidsOf(work: Worktop, place: string): Matter {
  const kinds: readonly PhaseKind[] = ['organic', 'liquid'];
  return kinds.reduce<Matter>((sum, kind) => plus(sum, work.phase(place, kind)), nothing);
}
