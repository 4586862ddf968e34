import { computePlan } from '../plan/plan';
import { chargeTable, speciesOf, takesPart } from '../plan/chargeTable';
import { factsOf, numeral } from '../plan/facts';
import { derive } from '../stoichiometry/derive';
import { formatDigits } from '../quantity/format';
import { fromWorked } from '../quantity/worked';
import { chargeFindings } from './chargeFindings';
import { fedReactions, followedBy } from './following';
import { measuredAmount, readingsOf } from '../readings/measured';
import type { Fed } from './following';
import type { Worked } from '../quantity/worked';
import type { Pin, Preparation } from '../document/document';
import type { Plan } from '../plan/planTypes';
import type { Facts } from '../plan/facts';
import type { BenchCharge, BenchLine } from '../readings/benchTypes';
import type { Live } from '../record/foldRecord';
import type { Measured } from '../stoichiometry/lineAmounts';

/**
 * What a bench has charged, from the issued preparation and the bench's record alone.
 *
 * @param issued the frozen document of the class
 * @param record the folded record
 * @param massOf what was found of a stage: what is taken from it, and all that follows, goes by that
 */
export function benchCharge(
  issued: Preparation,
  record: readonly Live[],
  massOf: (stage: string) => Worked<'mass'> | undefined = () => undefined,
): BenchCharge {
  const facts = factsOf(issued);
  const before = issuedPlan(issued);
  const taken = new Map<string, Measured>();
  for (const { id } of issued.lines) {
    const amount = measuredAmount(readingsOf(record, id), issued.devices);
    if (amount) taken.set(id, amount);
  }
  for (const { id, entered, supply } of issued.lines) {
    // Where all of a stage goes on, what was found of it is what was taken.
    const all = entered.by === 'expected' && supply && massOf(supply.stage);
    if (all && !taken.has(id)) taken.set(id, all);
  }
  const leading = issued.lines.find(({ id, supply }) => id === issued.reference && supply === undefined)?.id;
  const reference = wholeReference(facts, taken, leading, before);
  const pinned = leading !== undefined && reference ? { ...issued, pin: pinOn(leading, reference) } : undefined;
  const scaled = pinned ? computePlan(pinned) : before;
  const fed = fedReactions(issued);
  const ratios = ratiosOf(fed, scaled, { taken, massOf });
  const followed = followedBy(issued, fed);
  const follows = new Map([...followed].flatMap(([line, id]) => [[line, ratios.get(id)] as const]).filter(isKnown));
  const plan = follows.size > 0 ? computePlan(pinned ?? issued, { follows }) : scaled;
  const actual = chargeTable(facts, new Map([...taken].map(([id, amount]) => [id, onePortion(facts, id, amount)])));
  const lines = plan.lines.map((line, i): BenchLine => {
    const { id } = line.facts.line;
    const old = before.lines[i]?.target?.rounded;
    const moved = old && line.target && old.q.value !== line.target.rounded.q.value && id !== leading;
    const group = fed.find(({ reaction }) => reaction.id === followed.get(id));
    const after = follows.has(id) ? group?.line.id : leading;
    const amount = taken.get(id);
    const goal = id === leading ? before.lines[i]?.total : line.total;
    return {
      plan: line,
      goal: goal ?? {},
      ...(moved
        ? {
            issuedTarget: old,
            issuedGoal: before.lines[i]?.total ?? {},
            ...(after === undefined ? {} : { follows: after }),
          }
        : {}),
      readings: readingsOf(record, id),
      ...(amount ? { taken: amount } : {}),
    };
  });
  const charge = { plan, lines, actual, issued: before.charge };
  return { ...charge, findings: chargeFindings(issued, charge, record) };
}

type Ratio = readonly [line: string, ratio: Worked<'number'>];
const isKnown = (one: readonly [string, Worked<'number'> | undefined]): one is Ratio => one[1] !== undefined;

/**
 * How much of each stage that feeds a reaction there is, against what the plan takes from it: what was taken, or what was found of the
 * stage. A line that takes a fixed part of a stage does not grow with a better yield. Where nothing is found yet, the reaction
 * before decides.
 */
function ratiosOf(
  fed: readonly Fed[],
  plan: Plan,
  found: {
    readonly taken: ReadonlyMap<string, Measured>;
    readonly massOf: (stage: string) => Worked<'mass'> | undefined;
  },
): ReadonlyMap<string, Worked<'number'>> {
  const ratios = new Map<string, Worked<'number'>>();
  for (const { reaction, line, stage, before } of fed) {
    const taken = found.taken.get(line.id);
    // What was measured out by volume is compared by volume.
    const amount = taken ?? found.massOf(stage.id);
    const wanted = plan.exact.rows.get(line.id)?.total[taken?.q.dim ?? 'mass'];
    const inherited = before === undefined ? undefined : ratios.get(before);
    const enough = !taken && line.entered.by !== 'expected' && amount && wanted && amount.q.value >= wanted.q.value;
    if (amount && wanted && wanted.q.value > 0 && !enough)
      ratios.set(
        reaction.id,
        derive({
          formula: 'followed',
          dim: 'number',
          unit: '×',
          value: amount.q.value / wanted.q.value,
          inputs: { x: fromWorked(amount), x_0: fromWorked(wanted) },
        }),
      );
    else if (inherited && !enough) ratios.set(reaction.id, inherited);
  }
  return ratios;
}

const plans = new WeakMap<Preparation, Plan>();

/** The plan of an issued document, which never changes: computed with the first entry, not with each. */
function issuedPlan(issued: Preparation): Plan {
  const known = plans.get(issued);
  if (known) return known;
  const plan = computePlan(issued);
  plans.set(issued, plan);
  return plan;
}

/**
 * What was taken of the reference line; where another line brings the same substance and both are measured, as much as the line's own
 * share of what both brought together: the sum decides.
 */
function wholeReference(
  facts: Facts,
  taken: ReadonlyMap<string, Measured>,
  id: string | undefined,
  before: Plan,
): Measured | undefined {
  if (id === undefined) return undefined;
  const own = taken.get(id);
  const reference = facts.lines.get(id);
  if (!own || !reference || !takesPart(reference)) return own;
  const same = before.lines.filter(
    ({ facts: one }) =>
      takesPart(one) && one.line.reaction === reference.line.reaction && speciesOf(one) === speciesOf(reference),
  );
  if (same.length < 2 || same.some(({ facts: { line } }) => !taken.has(line.id))) return own;
  const planned = same.map(({ facts: { line }, total }) => ({ amount: taken.get(line.id) as Measured, total, line }));
  const moles = (part: (one: (typeof planned)[number]) => number) => planned.reduce((sum, one) => sum + part(one), 0);
  const shareOf = ({ amount, total }: (typeof planned)[number]) => {
    const wanted = total[amount.q.dim];
    return wanted ? amount.q.value / wanted.q.value : NaN;
  };
  const n = ({ total, line }: (typeof planned)[number]) => (total.amount?.q.value ?? 0) * (line.delivers?.count ?? 1);
  const ratio = moles((one) => n(one) * shareOf(one)) / moles(n);
  const wanted = planned.find(({ line }) => line.id === id)?.total[own.q.dim];
  return Number.isFinite(ratio) && wanted
    ? ({ ...own, q: { ...own.q, value: wanted.q.value * ratio }, figures: Math.max(own.figures, 4) } as Measured)
    : own;
}

/** A pin on what was taken of the reference line: every other target follows. */
function pinOn(line: string, amount: Measured): Pin {
  const digits = formatDigits(amount.q, amount.unit, { figures: Math.max(amount.figures, 3) });
  return { at: 'line', line, digits, unit: amount.unit, over: 'bench' };
}

function onePortion(facts: Facts, id: string, all: Measured): Measured {
  const portions = facts.lines.get(id)?.portions ?? 1;
  if (portions === 1) return all;
  const k = numeral(String(portions), 'number', '', { at: 'setting', id, field: 'portions' });
  return derive({
    formula: 'perPortion',
    dim: all.q.dim,
    unit: all.unit,
    value: all.q.value / portions,
    inputs: { x_k: fromWorked(all), k },
  }) as Measured;
}

/** Whether every reactant has been measured, so that the yield's basis is known. */
export function chargeComplete(lines: readonly BenchLine[]): boolean {
  return lines.filter(({ plan }) => takesPart(plan.facts)).every(({ taken }) => taken !== undefined);
}
