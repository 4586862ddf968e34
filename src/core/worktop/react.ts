import { conversion } from './conversion';
import { leftOf, rightOf } from '../document/reactions';
import { gramsOf, nothing, plus, times } from './matter/matter';
import { phaseKinds } from './matter/shelf';
import { settleFormed } from './settleFormed';
import { tell, tellAbsent, tellUsed } from './tellReaction';
import type { Matter } from './matter/matter';
import type { Running } from './conversion';
import type { Term } from '../document/reaction';
import type { PhaseKind } from './matter/shelf';
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
  for (const one of work.runs) if (work.isLastRound || goesOn(one)) run(work, place, one);
}

/** An equilibrium is reached, and a half-life passes, each time that a step is done; a conversion is what all of them come to. */
const goesOn = ({ to }: { readonly to?: Running['to'] | undefined }) =>
  to?.by === 'equilibrium' || to?.by === 'halfLife';

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
  if (leftOf(reaction).length === 0 || !readable) return;
  if (!(most > least_mol)) {
    tellAbsent(work, reaction, here);
    return;
  }
  const X = conversion(work, place, { reaction, to }, most);
  const extent = goesOn({ to }) ? most * X.q.value : upTo(X.q.value, most, madeBefore(work, reaction, here));
  const grams = (all: readonly Term[]): Matter =>
    Object.fromEntries(all.map(({ substance, coefficient }) => [substance, coefficient * extent * molar(substance)]));
  const used = grams(leftOf(reaction));
  work.draw(place, used);
  tellUsed(work, reaction, used);
  const formed = balanced(used, grams(rightOf(reaction)));
  work.put(place, 'liquid', formed);
  settleFormed(work, place, formed);
  if (product !== undefined)
    tell(work, { ...reaction, product }, { formed: formed[product] ?? 0, now: plus(here, formed), X });
}

/** A conversion is what all runs of a reaction come to: the second one to 85 % goes on from where the first one stopped. */
const upTo = (X: number, most: number, before: number) => Math.max(0, X * (before + most) - before);

/** Extent to which the product of a reaction stands there already, mol: less where some of it was taken out. */
function madeBefore({ world: { kind } }: Worktop, reaction: Running['reaction'], here: Matter): number {
  const term = rightOf(reaction).find(({ substance }) => substance === reaction.product);
  const M = term && kind(term.substance).M;
  return term && M !== undefined ? (here[term.substance] ?? 0) / M / term.coefficient : 0;
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
