import { foreseenMass } from './foreseen';
import { derive } from '../stoichiometry/derive';
import { fromWorked } from '../quantity/worked';
import { inSentence } from '../document/inSentence';
import { reactionBehind, rootOf } from '../document/reactions';
import { stageBasis } from '../plan/stageBasis';
import { surplusOf } from '../plan/surplusOf';
import type { Matter } from './matter/matter';
import type { Reaction } from '../document/reaction';
import type { Stage } from '../document/steps';
import type { Worked } from '../quantity/worked';
import type { Worktop } from './worktop';

// Extents that agree to it are a tie.
const tie = 1e-9;

/** What the stage will weigh is used up by a reaction that makes something else. */
export function tellUsed(work: Worktop, { id, name }: Pick<Reaction, 'id' | 'name'>, used: Matter): void {
  const substance = work.stage?.substance;
  const grams = substance === undefined ? 0 : (used[substance] ?? 0);
  if (substance !== undefined && grams > 0)
    work.lose(`used/${id}`, `used up: ${inSentence(name)}`, foreseenMass(grams, substance));
}

/** A run of a reaction: what it formed of its product, g, what is in the vessel now, and its conversion. */
interface Done {
  readonly formed: number;
  readonly now: Matter;
  readonly X: Worked<'fraction'>;
}

/** What a stage lacks by a reaction: what it has not converted, and what did not come into the vessel. It is told anew at each run. */
export function tell(work: Worktop, reaction: Reaction & { readonly product: string }, done: Done): void {
  const { stage, book } = work;
  const behind = stage && reactionBehind(work.world.plan.doc, stage);
  // What takes it on has run already: of this the stage sees nothing more.
  if (!stage || (behind && behind.id !== reaction.id && book.madeBy(behind.id) !== undefined)) return;
  const before = book.madeBy(reaction.id);
  book.makes(reaction.id, done.formed);
  const surplus = behind ? surplusOf(work.world.plan, reaction, behind.id) : 1;
  tellUnconverted(work, { reaction, stage, passing: behind?.id !== reaction.id, before, surplus }, done);
  tellAbsent(work, reaction, done.now);
}

/**
 * What was not converted is missing in the stage. Of an intermediate that is not isolated the same share is missing in what is made of
 * it, unless there is more of it than that needs.
 */

function tellUnconverted(
  work: Worktop,
  {
    reaction: { id, product },
    stage,
    passing,
    before,
    surplus,
  }: {
    readonly reaction: Reaction & { readonly product: string };
    readonly stage: Stage;
    readonly passing: boolean;
    readonly before: number | undefined;
    readonly surplus: number;
  },
  { formed, X }: Done,
): void {
  const { plan } = work.world;
  const own = plan.charge.reactions.get(id)?.product?.mass;
  if (!own) return;
  const basis = stageBasis(plan, rootOf(plan.doc, stage)) ?? own;
  const possible = formed / X.q.value;
  // What did not come into the flask cannot be formed: then the theory is not the basis of this loss.
  const whole = Math.abs(own.q.value / (possible + (before ?? 0)) - 1) < 1e-6;
  if (passing && !whole) return;
  if (surplus > 1 + tie) {
    // Made in excess, it lacks only as far as what is made falls short of what is needed.
    const made = (formed + (before ?? 0)) / own.q.value;
    const grams = basis.q.value * Math.max(0, 1 - surplus * made);
    if (grams > 0) work.lose('unconverted', 'not converted', foreseenMass(grams, product), { reaction: id });
    return;
  }
  const could = whole && before === undefined ? basis : foreseenMass((basis.q.value * possible) / own.q.value, product);
  work.lose(
    'unconverted',
    'not converted',
    derive({
      formula: 'unconverted',
      dim: 'mass',
      unit: 'g',
      value: could.q.value * (1 - X.q.value),
      inputs: { m_theo: fromWorked(could), X: fromWorked(X) },
      figures: 2,
      certain: 'assumed',
    }),
    { reaction: id },
  );
}

/**
 * What did not come into the vessel in which the stage is made is missing in it: all that is lacking of the theory, and is neither told
 * as lost nor in the vessel now.
 */
export function tellAbsent(work: Worktop, { id }: Pick<Reaction, 'id'>, now: Matter): void {
  const { stage, book } = work;
  const { plan } = work.world;
  const theory = stage && stageBasis(plan, stage);
  // A stage that was isolated before, and is only purified, was told where it was made.
  if (!theory || rootOf(plan.doc, stage) !== stage || reactionBehind(plan.doc, stage)?.id !== id) return;
  const least = 1e-6 * theory.q.value;
  const lacking = () => theory.q.value - book.grams - (now[stage.substance] ?? 0);
  // More than what earlier reactions left of it: they went on since.
  if (lacking() < -least) book.withdrawOthers(id);
  const grams = lacking();
  // Some of it came along with what it is made of.
  if (grams < -least) book.regain('unconverted', -grams, (rest) => foreseenMass(rest, stage.substance));
  if (grams > least)
    work.lose('absent', 'did not come into the vessel', foreseenMass(grams, stage.substance), { reaction: id });
}
