import { neighbours, solubilityBetween } from './crystallization/solubilityBetween';
import { figuresOf } from '../quantity/decimals';
import { toCanonical } from '../quantity/units';
import { derive } from '../stoichiometry/derive';
import type { Solubility } from '../document/document';
import type { Outcome, Worked, WorkedInput } from '../quantity/worked';

/** 0 °C, K. Exact by definition of the Celsius scale. */
const zero = 273.15;

/**
 * Solubility of a solid at a temperature: ln s linear in 1/T between the two nearest points (van 't Hoff; IUPAC Gold Book,
 * solubility). Nothing is guessed outside the points.
 *
 * @param substance id of the dissolved substance, for the working's source
 * @param temperature_C within the range of the points
 * @returns g per mL of solvent, marked as modelled
 * @example solubilityAt('a', { solvent: 'w', points: [{ at_C: 0, digits: '1.0' }, { at_C: 100, digits: '10.0' }] }, 0).value.q.value // → 0.01
 */
export function solubilityAt(substance: string, data: Solubility, temperature_C: number): Outcome<Worked<'density'>> {
  const points = data.points.map((one) => ({ ...one, T: one.at_C, s: toCanonical(one.digits, 'g/100 mL') }));
  let value: number;
  let ends: ReturnType<typeof neighbours<(typeof points)[number]>>;
  try {
    value = solubilityBetween(points, temperature_C);
    ends = neighbours(points, temperature_C);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return { ok: false, why: `no solubility is known around ${temperature_C}\u202f°C` };
  }
  const { low, high } = ends;
  return {
    ok: true,
    value: derive({
      formula: 'solubilityBetween',
      dim: 'density',
      unit: 'g/100 mL',
      value,
      inputs: {
        s_1: point(substance, low, low.s),
        s_2: point(substance, high, high.s),
        T: degrees(temperature_C, 'assumption'),
        T_1: degrees(low.at_C, 'reference'),
        T_2: degrees(high.at_C, 'reference'),
        T_0: { ...degrees(zero, 'setting'), q: { dim: 'temperatureDifference', value: zero }, unit: 'K', figures: 5 },
      },
      figures: 2,
      certain: 'modelled',
    }),
  };
}

function point(id: string, { digits, at_C }: Solubility['points'][number], value: number): WorkedInput {
  return {
    q: { dim: 'density', value },
    unit: 'g/100 mL',
    figures: figuresOf(digits),
    source: { at: 'reference', id, field: `solubility/${at_C}` },
  };
}

function degrees(value: number, at: 'assumption' | 'reference' | 'setting'): WorkedInput {
  return {
    q: { dim: 'temperature', value },
    unit: '°C',
    figures: 3,
    source: { at, id: 'temperature' },
  };
}
