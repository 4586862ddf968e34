import { coefficientInput } from '../stoichiometry/extents';
import { schoolOf } from '../conventions/catalogue';
import { balancesOf } from './equationBalance';
import { asWritten } from './asWritten';
import { chargeOf, chargeTable, speciesOf, takesPart } from './chargeTable';
import { leftOf, reactionOf, referenceOf } from '../document/reactions';
import { factsOf } from './facts';
import { planFindings } from './findings/planFindings';
import { classInputs, scaleFactor } from './scaleFactor';
import { derive } from '../stoichiometry/derive';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { targets } from './targets';
import { vesselSizing } from './vesselSizing';
import { fromWorked } from '../quantity/worked';
import type { Charge } from './chargeTable';
import type { Preparation } from '../document/document';
import type { Facts, LineFacts } from './facts';
import type { Amounts, Measured } from '../stoichiometry/lineAmounts';
import type { Plan, PlanDraft, PlanLine } from './planTypes';
import type { Target } from './targets';
import type { Outcome, Worked } from '../quantity/worked';

/** What is known beyond the document. */
export interface KnownBeyond {
  /** Where more is known of the pin than the charge table tells. */
  readonly scale?: Outcome<Worked<'number'>>;
  /** By line: how much more or less there is of the stage that it follows than the plan takes. */
  readonly follows?: ReadonlyMap<string, Worked<'number'>>;
}

/**
 * Computes the charge of a plan from the document alone. Pure and fast enough to run at every keystroke.
 *
 * @param doc a document that the schema accepts
 */
export function computePlan(doc: Preparation, { scale, follows }: KnownBeyond = {}): Plan {
  const facts = factsOf(doc);
  const written = asWritten(facts);
  const factor = scale ?? scaleFactor(facts, written);
  const goals = targets(facts, written, { factor: factor.ok ? factor.value : unscaled, follows });
  const exact = chargeTable(facts, pick(goals, 'exact'));
  const charge = chargeTable(facts, pick(goals, 'rounded'));
  const effect = roundingEffect(exact, charge);
  const lines = [...facts.lines.values()].map((line) => planLine(facts, line, goals.get(line.line.id), charge));
  const draft: PlanDraft = {
    doc,
    facts,
    written,
    factor,
    lines,
    differences: balancesOf(facts),
    charge,
    exact,
    ...(effect ? { roundingEffect: effect } : {}),
    vessels: vesselSizing(facts, charge),
  };
  const { facts: _facts, written: _written, ...plan } = draft;
  return { ...plan, findings: planFindings(draft) };
}

const unscaled: Worked<'number'> = {
  q: { dim: 'number', value: 1 },
  figures: 1,
  unit: '×',
  formula: 'factorTyped',
  inputs: { s_0: { q: { dim: 'number', value: 1 }, unit: '×', figures: 1, source: { at: 'setting', id: 'pin' } } },
  certain: 'assumed',
};

function pick(goals: ReadonlyMap<string, Target>, which: 'exact' | 'rounded'): ReadonlyMap<string, Measured> {
  return new Map([...goals].map(([id, target]) => [id, target[which]]));
}

function roundingEffect(exact: Charge, charge: Charge): Worked<'fraction'> | undefined {
  const before = exact.product?.mass;
  const after = charge.product?.mass;
  // What differs in the last bits of a double is no rounding of a device.
  if (!before || !after || Math.abs(after.q.value / before.q.value - 1) < 1e-9) return undefined;
  return derive({
    formula: 'roundingEffect',
    dim: 'fraction',
    unit: '%',
    value: after.q.value / before.q.value - 1,
    inputs: { x: fromWorked(after), x_0: fromWorked(before) },
    figures: 2,
    quotient: false,
  });
}

function planLine(facts: Facts, line: LineFacts, target: Target | undefined, charge: Charge): PlanLine {
  const row = charge.rows.get(line.line.id);
  if (!target || !row) return { facts: line, portion: {}, total: {} };
  const extent = takesPart(line)
    ? chargeOf(charge, line.line)?.extents.reactants.find(({ id }) => id === speciesOf(line))
    : undefined;
  const equivalents = equivalentsOf(facts, line, row.total, charge);
  return {
    facts: line,
    target,
    portion: row.portion,
    total: row.total,
    ...(equivalents ? { equivalents } : {}),
    ...(extent ? { extent } : {}),
    ...(extent?.flip ? { flip: flipOf(line, extent.flip) } : {}),
    // What is taken from a stage, nobody sets out.
    ...(line.line.supply ? {} : { classTotal: classTotal(facts, line, target) }),
  };
}

function equivalentsOf(facts: Facts, line: LineFacts, total: Amounts, charge: Charge): Worked<'number'> | undefined {
  const against = referenceOf(facts.doc, reactionOf(facts.doc, line.line));
  const reference = charge.rows.get(against ?? '')?.total.amount;
  if (!reference || !total.amount || !(takesPart(line) || line.line.role === 'catalyst')) return undefined;
  const isReference = line.line.id === against;
  const n = fromWorked(total.amount);
  const n_ref = fromWorked(reference);
  const exact = isReference ? { figures: 3, quotient: false } : {};
  const value = total.amount.q.value / reference.q.value;
  const coefficients = schoolOf(facts.doc.conventions, 'equivalents') === 'normalized' && coefficientsOf(facts, line);
  if (!coefficients)
    return derive({ formula: 'equivalents', dim: 'number', unit: 'equiv', value, inputs: { n, n_ref }, ...exact });
  const { ν, ν_ref } = coefficients;
  return derive({
    formula: 'equivalentsNormalized',
    dim: 'number',
    unit: 'equiv',
    value: (value * ν_ref) / ν,
    inputs: { n, n_ref, ν: coefficientInput(ν), ν_ref: coefficientInput(ν_ref) },
    ...exact,
  });
}

/** Coefficients of a line's species and of the reference's; nothing for what does not stand in the equation. */
function coefficientsOf({ doc, lines }: Facts, line: LineFacts) {
  const reaction = reactionOf(doc, line.line);
  const reference = lines.get(referenceOf(doc, reaction) ?? '');
  const of = (one: LineFacts | undefined) =>
    one && reaction && leftOf(reaction).find(({ substance }) => substance === speciesOf(one))?.coefficient;
  const [ν, ν_ref] = [of(line), of(reference)];
  return ν !== undefined && ν_ref !== undefined ? { ν, ν_ref } : undefined;
}

function flipOf(line: LineFacts, flip: Worked<'amount'>): Amounts {
  const count = line.line.delivers?.count;
  if (count === undefined) return lineAmounts(flip, line.bottle);
  const k = {
    q: { dim: 'number', value: count },
    unit: '',
    figures: 1,
    source: { at: 'equation', id: line.line.id },
  } as const;
  const inBottle = derive({
    formula: 'flipDelivered',
    dim: 'amount',
    unit: 'mmol',
    value: flip.q.value / count,
    inputs: { Δn_s: fromWorked(flip), k },
  });
  return lineAmounts(inBottle, line.bottle);
}

function classTotal(facts: Facts, line: LineFacts, target: Target): Measured {
  const x_1 = fromWorked(target.rounded);
  const { N, f } = classInputs(facts.doc);
  const perBench = line.portions * target.rounded.q.value;
  return derive({
    formula: 'classTotal',
    dim: target.rounded.q.dim,
    unit: target.rounded.unit,
    value: perBench * N.q.value * (1 + f.q.value),
    inputs: { x_1: line.portions === 1 ? x_1 : { ...x_1, q: { ...x_1.q, value: perBench } }, N, f },
    quotient: false,
  }) as Measured;
}
