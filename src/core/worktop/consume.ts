import { byAlcohol, byWater } from './consumedProducts';
import { hydrolysisOf, hydroxideFrom, valenceOf, withoutHydrogen } from './madeKinds';
import { excessCharge, waterOf } from './layers';
import { findRoot } from '../models/findRoot';
import { borohydrideHalfLife, firstOrder } from '../models/kinetics/conversion';
import { format } from '../quantity/format';
import { gramsOf, plus } from './matter/matter';
import { hasGroup } from '../reference/groups';
import { hydridicOf } from '../compound/hydridic';
import { hydrogenPerMole } from '../compound/gases';
import { film_g } from './funnel';
import { implied } from './kinds';
import { inSentence } from '../document/inSentence';
import { leftOf } from '../document/reactions';
import { molarVolume_L } from '../models/molarVolume';
import { settleSolids } from './dissolving';
import { boilingIn } from './mixingHeat';
import { consumedHeat, waysOf } from './partners';
import type { Facts } from '../plan/facts';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { PhaseKind } from './matter/shelf';
import type { Partner, Speed, Usual } from './partners';
import type { Worktop } from './worktop';

// Below it a partner is there in name only.
const least_mol = 1e-5;
// A part and an amount that are worth a word.
const least_share = 0.01;
const least_g = 0.005;

/**
 * What water, alcohol or acid takes apart without anybody's equation is consumed where it meets them, in the time of the step; its gas
 * leaves. The nucleophile of a written equation goes first: what a later step lets react, with all that it takes in the vessel, is left
 * to that.
 */
export function consume(work: Worktop): void {
  const able = ableIn(work.world.facts, work.world.kind);
  if (able.length === 0) return;
  // What only stands by is left as it is: it is taken for alive until somebody has a hand in it.
  for (const place of work.hands) {
    const here = work.whole(place);
    for (const kind of able) if ((here[kind.id] ?? 0) > 0 && !isAwaited(work, here, kind.id)) meet(work, place, kind);
  }
}

const able = new WeakMap<Facts, readonly Kind[]>();

/** Substances of a plan that something takes apart. */
function ableIn(facts: Facts, kind: (id: string) => Kind): readonly Kind[] {
  let known = able.get(facts);
  if (!known)
    able.set(facts, (known = [...facts.substances.keys()].map(kind).filter((one) => waysOf(one) !== undefined)));
  return known;
}

function isAwaited({ world, step }: Worktop, here: Matter, id: string): boolean {
  const { reactions, steps } = world.plan.doc;
  const now = steps.findIndex((one) => one.id === step.id);
  return reactions.some((reaction) => {
    const left = leftOf(reaction);
    if (!left.some(({ substance }) => substance === id)) return false;
    if (!left.every(({ substance }) => (here[substance] ?? 0) > 0)) return false;
    return (
      reaction.runs.length === 0 || reaction.runs.some((run) => steps.findIndex((one) => one.id === run.step) > now)
    );
  });
}

/** One of its partners after the other: acid before alcohol, alcohol before water. */
function meet(work: Worktop, place: string, kind: Kind): void {
  const ways = waysOf(kind);
  const there = work.whole(place)[kind.id] ?? 0;
  if (!ways || kind.M === undefined) return;
  let hydrogen = 0;
  const partners = (['acid', 'alcohol', 'water'] as const).filter((partner) => {
    const moles = (work.whole(place)[kind.id] ?? 0) / (kind.M ?? 1);
    const speed = ways[partner];
    const offered = speed === undefined || moles < least_mol ? 0 : offers(work, place, { kind, partner });
    if (speed === undefined || offered < least_mol) return false;
    const share = Math.min(shareOf(work, place, { kind, partner, speed, moles }), offered / moles);
    if (share * moles < least_mol) return false;
    hydrogen += takeApart(work, place, { kind, partner, moles: share * moles });
    return true;
  });
  const gone = there - (work.whole(place)[kind.id] ?? 0);
  if (partners.length > 0 && gone > Math.max(least_g, least_share * there))
    tellConsumed(work, { kind, partners, gone, hydrogen });
}

/** A meeting of something with a partner. */
interface Meeting {
  readonly kind: Kind;
  readonly partner: Partner;
}

/** How many molecules of a partner one of it takes. */
function perMole({ kind, partner }: Meeting): number {
  const formula = kind.substance?.formula;
  const hydrolysis = hydrolysisOf(kind);
  if (hydrolysis) return partner === 'water' ? hydrolysis.water : hydrolysis.halides;
  // Boric acid comes of it: one proton, the rest is water's.
  if (partner === 'acid' && hydridicOf(formula) === 'borohydride') return 1;
  return valenceOf(formula);
}

// What is less acid than this is no acid to a metal.
const acid_pH = 4;

/** Amount that a partner could take apart, mol. */
function offers(work: Worktop, place: string, one: Meeting): number {
  const whole = work.whole(place);
  const parts = partsOf(work, whole, one.partner === 'alcohol' ? isAlcohol : isWater);
  const moles = parts.reduce((sum, { id, grams }) => sum + grams / (work.world.kind(id).M ?? Infinity), 0);
  if (one.partner !== 'acid' || moles === 0) return moles / Math.max(1, perMole(one));
  return Math.max(0, -work.aside(() => excessCharge(work, whole, acid_pH))) / Math.max(1, perMole(one));
}

const isWater = ({ water }: Kind) => water;
const isAlcohol = ({ groups, solid }: Kind) => !solid && hasGroup(groups, 'alcohol');

const partsOf = ({ world }: Worktop, matter: Matter, test: (kind: Kind) => boolean) =>
  Object.entries(matter).flatMap(([id, grams]) => (grams > 0 && test(world.kind(id)) ? [{ id, grams }] : []));

function shareOf(
  work: Worktop,
  place: string,
  { kind, partner, speed, moles }: Meeting & { readonly speed: Speed; readonly moles: number },
): number {
  if (speed === 'atOnce') return 1;
  const seconds = 60 * (work.world.means(work.step).acts_min ?? work.step.time.typical_min);
  const { temperature_C } = work.content(place);
  if (speed !== 'byPH')
    return firstOrder(Math.LN2 / halfLife_s(work, { kind, partner }, speed, temperature_C), seconds);
  // It makes its own alkali and slows down: the pH is that of what has gone so far.
  const whole = work.whole(place);
  const after = (share: number) => {
    const spent = work.world.kind(withoutHydrogen(kind.id));
    const left = { ...whole, [kind.id]: (1 - share) * moles * (kind.M ?? 0) };
    const { pH } = work.aside(() => waterOf(work, plus(left, { [spent.id]: share * moles * (spent.M ?? 0) })));
    return firstOrder(Math.LN2 / borohydrideHalfLife(pH, temperature_C), seconds) - share;
  };
  return findRoot(after, 0, 1, 1e-3);
}

function halfLife_s(work: Worktop, { kind, partner }: Meeting, usual: Usual, temperature_C: number): number {
  const { minutes, low, high, at_C, perTenKelvin, why } = usual;
  const given = work.assume({
    key: `consumed/${kind.id}/${partner}`,
    label: `half-life of ${inSentence(kind.name)} in ${partner}`,
    dim: 'time',
    unit: 'min',
    low: low * 60,
    typical: minutes * 60,
    high: high * 60,
    within: [1e-3, 1e9],
    aside: true,
    why,
  });
  return given.q.value / perTenKelvin ** ((temperature_C - at_C) / 10);
}

/** So much of it is gone, and what it became stands there or leaves. Gives the hydrogen, mol. */
function takeApart(
  work: Worktop,
  place: string,
  { kind, partner, moles }: Meeting & { readonly moles: number },
): number {
  work.draw(place, { [kind.id]: moles * (kind.M ?? 0) });
  work.warm(place, 1000 * moles * consumedHeat(kind), boilingIn(work, place));
  const hydrogen = hydrolysisOf(kind) ? 0 : moles * hydrogenPerMole(kind.substance?.formula);
  if (hydrogen > 0) {
    // Water is taken up; what acid and alcohol give is counted with them.
    const water =
      partner === 'water'
        ? drawPartner(work, place, { kind, partner }, moles * valenceOf(kind.substance?.formula))
        : {};
    const gas = hydrogen * implied.hydrogen.M;
    const left = partner === 'water' ? hydroxideFrom(kind.id) : withoutHydrogen(kind.id);
    work.turn(place, liquidAt(work, place), { [left]: moles * (kind.M ?? 0) + gramsOf(water) - gas });
    work.leave('air', { [implied.hydrogen.id]: gas });
    return hydrogen;
  }
  const taken = drawPartner(work, place, { kind, partner }, moles * perMole({ kind, partner }));
  const products = partner === 'water' ? byWater(work, kind, moles) : byAlcohol(work, kind, taken, moles);
  const given = moles * (kind.M ?? 0) + gramsOf(taken);
  // What is left over of the masses is the main product's: rounded weights make no matter.
  const rest = given - gramsOf(products.others) - gramsOf(products.gas);
  work.leave('air', products.gas);
  work.turn(place, liquidAt(work, place), plus(products.others, { [products.main]: rest }));
  settleSolids(work, place, work.content(place).temperature_C, [products.main]);
  return 0;
}

/** A drop of water in an extract makes no layer. */
const liquidAt = (work: Worktop, place: string): PhaseKind =>
  gramsOf(work.phase(place, 'liquid')) < film_g && gramsOf(work.phase(place, 'organic')) > 0 ? 'organic' : 'liquid';

function drawPartner(work: Worktop, place: string, { partner }: Meeting, moles: number): Matter {
  const parts = partsOf(work, work.whole(place), partner === 'alcohol' ? isAlcohol : isWater);
  const all = parts.reduce((sum, { id, grams }) => sum + grams / (work.world.kind(id).M ?? Infinity), 0);
  const share = Math.min(1, moles / all);
  return work.draw(place, Object.fromEntries(parts.map(({ id, grams }) => [id, grams * share])));
}

function tellConsumed(
  work: Worktop,
  {
    kind,
    partners,
    gone,
    hydrogen,
  }: { readonly kind: Kind; readonly partners: readonly Partner[]; readonly gone: number; readonly hydrogen: number },
): void {
  // A scenario is asked for masses, not for words.
  if (Object.keys(work.world.scenario).length > 0) return;
  const grams = format({ dim: 'mass', value: gone }, 'g', { figures: 2 });
  const gas = format({ dim: 'volume', value: hydrogen * molarVolume_L * 1000 }, 'L', { figures: 2 });
  work.remark(
    `About ${grams} of the ${inSentence(kind.name)} is taken apart by ${partners.join(' and ')}${hydrogen * molarVolume_L > 0.01 ? `: ${gas} of hydrogen` : ''}. No equation is needed for it.`,
  );
}
