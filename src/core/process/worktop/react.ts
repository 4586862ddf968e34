import { derive } from '../../stoichiometry/derive';
import { fromWorked } from '../../quantity/worked';
import { gramsOf, nothing, plus, times } from '../matter/matter';
import { phaseKinds } from '../matter/shelf';
import type { Matter } from '../matter/matter';
import type { Reaction } from '../../document/reaction';
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
  for (const { reaction } of work.runs) run(work, place, reaction);
}

function run(work: Worktop, place: string, { id, terms, product }: Reaction): void {
  const { kind } = work.world;
  const left = terms.filter(({ side }) => side === 'left');
  const here = work.whole(place);
  const molar = (id: string) => kind(id).M ?? NaN;
  const most = Math.min(
    ...left.map(({ substance, coefficient }) => (here[substance] ?? 0) / molar(substance) / coefficient),
  );
  // Without every molar mass nothing can be said of what is formed.
  if (left.length === 0 || !(most > least_mol) || terms.some(({ substance }) => kind(substance).M === undefined))
    return;
  const X = work.assume({
    key: 'conversion',
    label: 'conversion of the limiting reagent',
    dim: 'fraction',
    unit: '%',
    ...usual(work),
  });
  const extent = most * X.q.value;
  const grams = (side: 'left' | 'right'): Matter =>
    Object.fromEntries(
      terms
        .filter((term) => term.side === side)
        .map(({ substance, coefficient }) => [substance, coefficient * extent * molar(substance)]),
    );
  work.draw(place, grams('left'));
  const formed = balanced(grams('left'), grams('right'));
  work.put(place, 'liquid', formed);
  if (product !== undefined)
    loseUnconverted(
      work,
      { theory: work.world.plan.charge.reactions.get(id)?.product?.mass, product },
      formed[product] ?? 0,
      X,
    );
}

/** What a reaction comes to when nobody says: well, or only half where an excess has to push an equilibrium. */
function usual({ world: { plan } }: Worktop) {
  return plan.doc.lines.some(({ excessReason }) => excessReason === 'pushes an equilibrium')
    ? {
        low: 0.5,
        typical: 0.8,
        high: 0.95,
        why: 'no constant is given; an equilibrium that an excess pushes stops short',
      }
    : {
        low: 0.75,
        typical: 0.95,
        high: 0.99,
        why: 'no rate constant is given; usual for a preparation that is taught',
      };
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

function loseUnconverted(
  work: Worktop,
  { theory, product }: { readonly theory: Worked<'mass'> | undefined; readonly product: string },
  formed: number,
  X: Worked<'fraction'>,
): void {
  const share = X.q.value;
  const possible = formed / share;
  if (!theory) return;
  // What did not come into the flask cannot be formed: then the theory is not the basis of this loss.
  const whole = Math.abs(theory.q.value / possible - 1) < 1e-6;
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
