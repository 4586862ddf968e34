import { coefficientInput } from '../stoichiometry/extents';
import { derive } from '../stoichiometry/derive';
import { extents } from '../stoichiometry/extents';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { theoreticalYield } from '../stoichiometry/theoreticalYield';
import { fromWorked } from '../quantity/worked';
import { inOrder, isWaterAtHand, leftOf, mainReaction, makerOf } from '../document/reactions';
import { numeral } from './facts';
import type { Facts, LineFacts, SubstanceFacts } from './facts';
import type { Amounts, Measured } from '../stoichiometry/lineAmounts';
import type { Extents, Reactant } from '../stoichiometry/extents';
import type { ChargeLine } from '../document/document';
import type { Reaction } from '../document/reaction';
import type { Worked } from '../quantity/worked';

/** One line's material: a single portion, and all portions together. */
export interface Row {
  readonly portion: Amounts;
  readonly total: Amounts;
}

/** What the charged amounts allow of one reaction. */
export interface ReactionCharge {
  /** By substance of its equation. */
  readonly extents: Extents;
  readonly product?: Amounts;
}

/** What a set of charged amounts allows. */
export interface Charge {
  readonly rows: ReadonlyMap<string, Row>;
  /** By reaction; without those of which a reactant's amount is unknown. */
  readonly reactions: ReadonlyMap<string, ReactionCharge>;
  /** Of the reaction that makes what the preparation is for. */
  readonly product?: Amounts;
}

/** The charge of the reaction that a line goes into. */
export const chargeOf = (
  { reactions }: Pick<Charge, 'reactions'>,
  { reaction }: Pick<ChargeLine, 'reaction'>,
): ReactionCharge | undefined => (reaction === undefined ? undefined : reactions.get(reaction));

/**
 * Charge table of measured portions: amounts of each line, extents, theoretical yield. The same function serves the plan
 * as written, the scaled plan and the rounded one.
 *
 * @param portions one portion of each line in the dimension in which it is measured
 */
export function chargeTable(facts: Facts, portions: ReadonlyMap<string, Measured>): Charge {
  const rows = new Map<string, Row>();
  for (const [id, measured] of portions) {
    const line = facts.lines.get(id);
    if (line) rows.set(id, rowOf(line, measured));
  }
  const reactions = new Map<string, ReactionCharge>();
  // Each after those that feed it.
  for (const reaction of inOrder(facts.doc)) {
    const reactants = reactantsOf(facts, rows, reaction, reactions);
    if (!reactants) continue;
    const result = extents(reactants);
    const product = productOf(facts, reaction, result);
    reactions.set(reaction.id, { extents: result, ...(product ? { product } : {}) });
  }
  const main = mainReaction(facts.doc);
  const product = main && reactions.get(main.id)?.product;
  return { rows, reactions, ...(product ? { product } : {}) };
}

function rowOf({ bottle, portions, line }: LineFacts, measured: Measured): Row {
  const portion = lineAmounts(measured, bottle);
  if (portions === 1) return { portion, total: portion };
  const all = derive({
    formula: 'portionsTotal',
    dim: measured.q.dim,
    unit: measured.unit,
    value: portions * measured.q.value,
    inputs: {
      k: numeral(String(portions), 'number', '', { at: 'setting', id: line.id, field: 'portions' }),
      x_1: fromWorked(measured),
    },
  });
  // Independent portions: absolute uncertainties add in quadrature, not in proportion.
  const total = measured.u === undefined ? all : { ...all, u: measured.u * Math.sqrt(portions) };
  return { portion, total: lineAmounts(total as Measured, bottle) };
}

/** Amounts of an equation's left side, or nothing while one is unknown. */
function reactantsOf(
  facts: Facts,
  rows: ReadonlyMap<string, Row>,
  reaction: Reaction,
  before: Charge['reactions'],
): readonly Reactant[] | undefined {
  const own = [...facts.lines.values()].filter((line) => line.line.reaction === reaction.id && takesPart(line));
  const isPlenty = (id: string) =>
    isWaterAtHand(facts.doc, id) ||
    (broughtBeside(facts, reaction, id) !== undefined && !makerOf(facts.doc, reaction, id));
  const brought = leftOf(reaction).filter(
    ({ substance }) => own.some((line) => speciesOf(line) === substance) || !isPlenty(substance),
  );
  const found = brought.map(({ substance, coefficient }) => {
    const amounts = own
      .filter((line) => speciesOf(line) === substance)
      .map((line) => delivered(line, rows.get(line.line.id)));
    const amount = amounts.length > 0 ? sum(amounts) : madeBefore(facts, reaction, substance, before);
    return amount && amount.q.value > 0 ? { id: substance, amount, coefficient } : undefined;
  });
  if (found.length === 0 || found.includes(undefined)) return undefined;
  return found as readonly Reactant[];
}

/**
 * A line that brings a reactant which no line of the reaction charges: a quench or a solvent, what another reaction has left over. It
 * never limits.
 */
export function broughtBeside({ lines }: Facts, reaction: Reaction, substance: string): LineFacts | undefined {
  const takes = (one: LineFacts) => takesPart(one) && one.line.reaction === reaction.id;
  return [...lines.values()].find(
    (one) => !takes(one) && (speciesOf(one) === substance || one.line.substance === substance),
  );
}

/** What an earlier reaction makes of a substance that is not isolated: no line brings it, and all of it goes on. */
function madeBefore(
  { doc }: Facts,
  reaction: Reaction,
  substance: string,
  before: Charge['reactions'],
): Worked<'amount'> | undefined {
  const maker = makerOf(doc, reaction, substance);
  const ξ = maker && before.get(maker.id)?.extents.limiting.extent;
  const term = maker?.terms.find((one) => one.side === 'right' && one.substance === substance);
  if (!ξ || !term) return undefined;
  return derive({
    formula: 'delivered',
    dim: 'amount',
    unit: 'mmol',
    value: term.coefficient * ξ.q.value,
    inputs: { k: coefficientInput(term.coefficient), n_b: fromWorked(ξ) },
  });
}

/** Substance of the equation that a line supplies. */
export function speciesOf({ line }: LineFacts): string {
  return line.delivers?.substance ?? line.substance;
}

/**
 * Catalysts, solvents and work-up materials never limit, even when they appear in the equation; natural material does where the document
 * says into which reaction it goes.
 */
export function takesPart({ line: { role, reaction } }: LineFacts): boolean {
  return role === 'reactant' || role === 'reagent in excess' || (role === 'material' && reaction !== undefined);
}

function delivered({ line }: LineFacts, row: Row | undefined): Worked<'amount'> | undefined {
  const amount = row?.total.amount;
  if (!amount || !line.delivers) return amount;
  const { count } = line.delivers;
  return derive({
    formula: 'delivered',
    dim: 'amount',
    unit: 'mmol',
    value: count * amount.q.value,
    inputs: { k: numeral(String(count), 'number', '', { at: 'equation', id: line.id }), n_b: fromWorked(amount) },
  });
}

function sum(amounts: readonly (Worked<'amount'> | undefined)[]): Worked<'amount'> | undefined {
  if (amounts.includes(undefined)) return undefined;
  const all = amounts as readonly Worked<'amount'>[];
  if (all.length === 1) return all[0];
  const added = derive({
    formula: 'summed',
    dim: 'amount',
    unit: 'mmol',
    value: all.reduce((total, one) => total + one.q.value, 0),
    inputs: Object.fromEntries(all.map((one, i) => [`n_${i + 1}`, fromWorked(one)])),
    quotient: false,
  });
  const u = Math.hypot(...all.map((one) => one.u ?? 0));
  return u > 0 ? { ...added, u } : added;
}

function productOf(facts: Facts, { terms, product }: Reaction, result: Extents): Amounts | undefined {
  if (product === undefined) return undefined;
  const substance = facts.substances.get(product);
  return substance && formedOf(terms, substance, result);
}

/** What a reaction makes at most of a substance on its right side. */
export function formedOf(
  terms: Reaction['terms'],
  { substance, molarMass }: SubstanceFacts,
  result: Extents,
): Amounts | undefined {
  const { id, density } = substance;
  const term = terms.find((one) => one.side === 'right' && one.substance === id);
  if (!term || !molarMass?.ok) return undefined;
  return theoreticalYield(result.limiting.extent, {
    coefficient: term.coefficient,
    molarMass: molarMass.value,
    ...(density
      ? { density: numeral(density.digits, 'density', 'g/mL', { at: 'reference', id, field: 'density' }) }
      : {}),
  });
}
