import { stageBasis } from './stageBasis';
import { inOrder, reactionOf, referenceOf, rootOf } from '../document/reactions';
import { derive } from '../stoichiometry/derive';
import { lineAmounts } from '../stoichiometry/lineAmounts';
import { figuresOf } from '../quantity/decimals';
import { findUnit, toCanonical } from '../quantity/units';
import { fromWorked } from '../quantity/worked';
import { chargeTable } from './chargeTable';
import { numeral } from './facts';
import type { Device } from '../quantity/device';
import type { Charge } from './chargeTable';
import type { Facts, LineFacts } from './facts';
import type { Measured } from '../stoichiometry/lineAmounts';
import type { Worked } from '../quantity/worked';

/** The plan at the scale at which it is written. */
export interface AsWritten {
  /** One portion of each line in the dimension in which the bench measures it; words and unknown amounts are missing. */
  readonly portions: ReadonlyMap<string, Measured>;
  readonly charge: Charge;
  /** Upper end of what a line leaves open, in the same dimension. */
  readonly highs: ReadonlyMap<string, Measured>;
}

/**
 * Amounts as written. Lines relative to the reference line, to the product or to another line are resolved in that
 * order; what cannot be told is left out, and the findings say why.
 */
export function asWritten(facts: Facts): AsWritten {
  const portions = new Map<string, Measured>();
  const put = (line: LineFacts, worked: Measured | undefined) => {
    if (worked) portions.set(line.line.id, inMeasuredDim(facts, line, worked));
  };
  const lines = [...facts.lines.values()];
  for (const line of lines) put(line, typedAmount(line));
  // A reaction after those that feed it: what it takes from a stage is known once their charge is.
  for (const { id } of inOrder(facts.doc)) {
    const own = lines.filter(({ line }) => line.reaction === id);
    if (own.some(({ line }) => line.entered.by === 'expected')) {
      const before = chargeTable(facts, portions);
      for (const line of own) put(line, expectedOfStage(facts, line, before));
    }
    const typed = chargeTable(facts, portions);
    for (const line of own) put(line, relativeToReference(facts, line, typed));
  }
  const reacting = chargeTable(facts, portions);
  for (const line of lines.filter(({ line: one }) => one.reaction === undefined)) {
    put(line, expectedOfStage(facts, line, reacting));
    put(line, relativeToReference(facts, line, reacting));
  }
  const withReagents = chargeTable(facts, portions);
  for (const line of lines) put(line, perMass(line, withReagents));
  return { portions, charge: chargeTable(facts, portions), highs: highsOf(facts) };
}

function highsOf(facts: Facts): AsWritten['highs'] {
  return new Map(
    [...facts.lines.values()].flatMap((line): readonly (readonly [string, Measured])[] => {
      const { id, entered } = line.line;
      if (!('high' in entered) || entered.high === undefined) return [];
      return [[id, inMeasuredDim(facts, line, typedWorked(id, entered.by, entered.high, entered.unit))]];
    }),
  );
}

function typedAmount({ line }: LineFacts): Measured | undefined {
  const { entered } = line;
  if (entered.by !== 'mass' && entered.by !== 'volume' && entered.by !== 'amount') return undefined;
  return typedWorked(line.id, entered.by, entered.digits, entered.unit);
}

/** A keyed amount as a worked value whose source is its line. */
export function typedWorked(id: string, dim: 'mass' | 'volume' | 'amount', digits: string, unit: string): Measured {
  const q = { dim, value: toCanonical(digits, unit) };
  const figures = figuresOf(digits);
  const x = { q, unit, figures, source: { at: 'line', id, field: 'entered' } } as const;
  return {
    q,
    figures,
    unit: findUnit(unit)?.symbol ?? unit,
    formula: 'asTyped',
    inputs: { x },
    certain: 'assumed',
  } as Measured;
}

function relativeToReference(facts: Facts, { line, portions }: LineFacts, charge: Charge): Measured | undefined {
  const { entered } = line;
  if (entered.by !== 'equivalents' && entered.by !== 'molPercent') return undefined;
  const against = referenceOf(facts.doc, reactionOf(facts.doc, line));
  const reference = charge.rows.get(against ?? '')?.total.amount;
  if (!reference || line.id === against) return undefined;
  const [dim, unit] = entered.by === 'equivalents' ? (['number', 'equiv'] as const) : (['fraction', '%'] as const);
  const eq = numeral(entered.digits, dim, unit, { at: 'line', id: line.id, field: 'entered' });
  const all = { eq, n_ref: fromWorked(reference) };
  const value = eq.q.value * reference.q.value;
  if (portions === 1)
    return derive({ formula: 'amountFromEquivalents', dim: 'amount', unit: 'mmol', value, inputs: all });
  const k = numeral(String(portions), 'number', '', { at: 'setting', id: line.id, field: 'portions' });
  return derive({
    formula: 'portionFromEquivalents',
    dim: 'amount',
    unit: 'mmol',
    value: value / portions,
    inputs: { ...all, k },
  });
}

/** Of a line that takes all of a stage: the share that is expected of what the stage can be at most. */
function expectedOfStage({ doc }: Facts, { line }: LineFacts, charge: Charge): Worked<'mass'> | undefined {
  const { entered, supply } = line;
  const stage = doc.stages.find(({ id }) => id === supply?.stage);
  if (entered.by !== 'expected' || !stage) return undefined;
  const most = stageBasis({ doc, charge }, rootOf(doc, stage));
  if (!most) return undefined;
  const Y = numeral(entered.percent, 'fraction', '%', { at: 'line', id: line.id, field: 'percent' });
  return derive({
    formula: 'expectedOfStage',
    dim: 'mass',
    unit: 'g',
    value: most.q.value * Y.q.value,
    inputs: { m_most: fromWorked(most), Y },
    certain: 'assumed',
  });
}

function perMass({ line }: LineFacts, charge: Charge): Worked<'volume'> | undefined {
  const { entered } = line;
  if (entered.by !== 'perMass') return undefined;
  const mass = entered.of === 'product' ? charge.product?.mass : charge.rows.get(entered.of)?.total.mass;
  if (!mass) return undefined;
  const part = entered.percent === undefined ? mass : expectedMass(line.id, mass, entered.percent);
  const r = numeral(entered.digits, 'volumePerMass', 'mL/g', { at: 'line', id: line.id, field: 'entered' });
  return derive({
    formula: 'volumePerMass',
    dim: 'volume',
    unit: 'mL',
    value: r.q.value * part.q.value,
    inputs: { r, m: fromWorked(part) },
    certain: 'assumed',
  });
}

function expectedMass(id: string, mass: Worked<'mass'>, percent: string): Worked<'mass'> {
  const Y = numeral(percent, 'fraction', '%', { at: 'line', id, field: 'percent' });
  return derive({
    formula: 'expectedMass',
    dim: 'mass',
    unit: 'g',
    value: mass.q.value * Y.q.value,
    inputs: { m_theo: fromWorked(mass), Y },
    certain: 'assumed',
  });
}

/** What a device measures of a line; a thermometer measures no amount, and the reader refuses it there. */
const amountDim = (device: Device) => (device.unit === 'mL' ? 'volume' : 'mass');

/** A line is measured the way its device reads; without a device, the way it is written: an amount is weighed, of a solution measured out. */
function inMeasuredDim(facts: Facts, { line, bottle }: LineFacts, worked: Measured): Measured {
  const device = facts.doc.devices.find(({ id }) => id === line.device);
  const amounts = lineAmounts(worked, bottle);
  // Nobody weighs a solution of which moles are wanted.
  const usual = line.strength !== undefined && amounts.volume !== undefined ? 'volume' : 'mass';
  const wanted = device ? amountDim(device) : worked.q.dim === 'amount' ? usual : worked.q.dim;
  return amounts[wanted] ?? worked;
}
