import { atomicWeights } from './atomicWeights';
import { parseFormula } from './parseFormula';
import type { Outcome, Worked, WorkedInput } from '../quantity/worked';

/** Abridged weights have five significant digits, so have molar masses. */
const figures = 5;

/**
 * Molar mass from a formula, with its working.
 *
 * @returns g/mol, or why there is none
 * @example Math.round(molarMass('CuSO4·5H2O').value.q.value * 100) / 100 // → 249.68
 */
export function molarMass(formula: string): Outcome<Worked<'molarMass'>> {
  const parsed = parseFormula(formula);
  if (!parsed.ok) return parsed;
  const inputs: Record<string, WorkedInput> = {};
  let value = 0;
  for (const [symbol, count] of Object.entries(parsed.value.atoms)) {
    const weight = atomicWeights[symbol] as number;
    value += count * weight;
    inputs[`N_${symbol}`] = {
      q: { dim: 'number', value: count },
      unit: '',
      figures: countFigures(count),
      source: { at: 'reference', id: formula, field: 'formula' },
    };
    inputs[`A_${symbol}`] = {
      q: { dim: 'molarMass', value: weight },
      unit: 'g/mol',
      figures,
      source: { at: 'reference', id: symbol, field: 'atomicWeight' },
    };
  }
  if (value === 0) return { ok: false, why: 'the formula has no atoms.' };
  return {
    ok: true,
    value: {
      q: { dim: 'molarMass', value },
      figures,
      unit: 'g/mol',
      formula: 'molarMass',
      inputs,
      certain: 'computed',
    },
  };
}

function countFigures(count: number): number {
  return String(count).replace('.', '').length;
}
