import { derive } from '../stoichiometry/derive';
import { findUnit } from '../quantity/units';
import { figuresOfProduct, fromWorked } from '../quantity/worked';
import { typedWorked } from './asWritten';
import { numeral } from './facts';
import { vesselVolume } from './vesselVolume';
import type { AsWritten } from './asWritten';
import type { Pin, Preparation } from '../document/document';
import type { Facts } from './facts';
import type { Outcome, Worked, WorkedInput } from '../quantity/worked';

/**
 * Factor by which everything proportional is multiplied, from the one pinned choice.
 *
 * @returns the factor with its working, or why the pin has nothing to hold
 */
export function scaleFactor(facts: Facts, written: AsWritten): Outcome<Worked<'number'>> {
  const { pin } = facts.doc;
  switch (pin.at) {
    case 'factor':
      return factorOf('factorTyped', Number(pin.digits), { s_0: setting(pin.digits, 'number', '×', 'pin') });
    case 'line':
      return fromLine(facts, written, pin);
    case 'product':
      return fromProduct(written, pin);
    case 'vessel':
      return fromVessel(facts, written, pin);
  }
}

// A factor is exact; two figures would hide what it does.
const leastFigures = 3;

type FactorFormula = 'factorTyped' | 'factorFromPin' | 'factorFromClass' | 'factorFromProduct' | 'factorFromVessel';

function factorOf(
  formula: FactorFormula,
  value: number,
  inputs: Record<string, WorkedInput>,
): Outcome<Worked<'number'>> {
  if (!(value > 0) || !Number.isFinite(value)) return { ok: false, why: 'The pinned amount must be more than zero.' };
  return {
    ok: true,
    value: derive({
      formula,
      dim: 'number',
      unit: '×',
      value,
      inputs,
      figures: Math.max(leastFigures, figuresOfProduct(inputs)),
      quotient: false,
    }),
  };
}

function setting(digits: string, dim: 'number' | 'fraction' | 'volume', unit: string, id: string): WorkedInput {
  return numeral(digits, dim, unit, { at: 'setting', id });
}

function fromLine(facts: Facts, written: AsWritten, pin: Extract<Pin, { at: 'line' }>): Outcome<Worked<'number'>> {
  const line = facts.lines.get(pin.line);
  const dim = findUnit(pin.unit)?.dim;
  const name = line?.substance.substance.name ?? pin.line;
  if (line?.line.scaling === 'fixed')
    return { ok: false, why: `${name} does not scale, so nothing can follow from it.` };
  const before =
    dim === 'mass' || dim === 'volume' || dim === 'amount'
      ? written.charge.rows.get(pin.line)?.portion[dim]
      : undefined;
  if (!before || !dim)
    return {
      ok: false,
      why: `${name} has no ${dim ?? 'amount'} as written to compare ${pin.digits} ${pin.unit} with.`,
    };
  const x = fromWorked(typedWorked(pin.line, before.q.dim, pin.digits, pin.unit));
  const x_0 = fromWorked(before);
  if (pin.over === 'bench') return factorOf('factorFromPin', x.q.value / x_0.q.value, { x, x_0 });
  const { N, f } = classInputs(facts.doc);
  return factorOf('factorFromClass', x.q.value / (x_0.q.value * N.q.value * (1 + f.q.value)), { x, x_0, N, f });
}

/** Number of benches and the spare, as inputs of a formula. */
export function classInputs(doc: Preparation): { readonly N: WorkedInput; readonly f: WorkedInput } {
  return {
    N: setting(String(doc.benches), 'number', '', 'benches'),
    f: setting(String(doc.spare_percent), 'fraction', '%', 'spare'),
  };
}

function fromProduct(written: AsWritten, pin: Extract<Pin, { at: 'product' }>): Outcome<Worked<'number'>> {
  const dim = findUnit(pin.unit)?.dim;
  const theory = dim === 'mass' || dim === 'volume' || dim === 'amount' ? written.charge.product?.[dim] : undefined;
  if (!theory)
    return { ok: false, why: 'The theoretical yield as written is not known, so the product cannot be pinned.' };
  const m = fromWorked(typedWorked('product', theory.q.dim, pin.digits, pin.unit));
  const Y = setting(pin.percent, 'fraction', '%', 'expectedYield');
  const m_theo = fromWorked(theory);
  return factorOf('factorFromProduct', m.q.value / (m_theo.q.value * Y.q.value), { m, m_theo, Y });
}

function fromVessel(facts: Facts, written: AsWritten, pin: Extract<Pin, { at: 'vessel' }>): Outcome<Worked<'number'>> {
  const vessel = facts.doc.vessels.find(({ id }) => id === pin.vessel);
  if (!vessel) return { ok: false, why: 'The pinned vessel is not in this preparation.' };
  const { volume } = vesselVolume(facts, vessel.id, written.charge);
  if (!volume) return { ok: false, why: `Nothing with a known volume goes into the ${vessel.name}.` };
  return filledTo(pin, fromWorked(volume));
}

/**
 * Factor that fills the pinned vessel as wanted.
 *
 * @param perScale_mL what the procedure puts into it at its fullest, for the tested scale
 */
export function fromVolume(pin: Extract<Pin, { at: 'vessel' }>, perScale_mL: number): Outcome<Worked<'number'>> {
  return filledTo(pin, {
    q: { dim: 'volume', value: perScale_mL },
    unit: 'mL',
    figures: 3,
    source: { at: 'prediction', id: pin.vessel },
  });
}

function filledTo(pin: Extract<Pin, { at: 'vessel' }>, V: WorkedInput): Outcome<Worked<'number'>> {
  const V_vessel = setting(pin.digits, 'volume', 'mL', pin.vessel);
  const fill = setting(pin.percent, 'fraction', '%', pin.vessel);
  return factorOf('factorFromVessel', (V_vessel.q.value * fill.q.value) / V.q.value, { V_vessel, fill, V });
}
