import { solubilityAt } from '../../models/solubilityAt';
import { derive } from '../../stoichiometry/derive';
import type { Worked } from '../../quantity/worked';
import type { Worktop } from './worktop';

/**
 * Solubility of a substance in a solvent at a temperature: from its curve, else in water from the single value that is known,
 * else assumed.
 *
 * @param solvent substance of the preparation
 * @returns g/mL
 */
export function solubilityOf(work: Worktop, id: string, solvent: string, at_C: number): Worked<'density'> {
  const { kind } = work.world;
  const { name, substance } = kind(id);
  const liquid = kind(solvent);
  const same = (other: string) => other === solvent || (liquid.water && kind(other).water);
  const curve = substance?.solubility?.find((one) => same(one.solvent));
  const found = curve && solubilityAt(id, curve, at_C);
  if (found?.ok) return found.value;
  const known = substance?.waterSolubility;
  if (liquid.water && known && known.digits !== 'miscible') return known20(work, id, known, at_C);
  return work.assume(
    {
      key: `solubility/${id}/${liquid.water ? 'water' : solvent}`,
      label: `solubility of ${name} in ${liquid.name}, cold`,
      dim: 'density',
      unit: 'g/100 mL',
      low: 0.0002,
      typical: 0.001,
      high: 0.004,
      why: 'no value is given; hardly soluble, or it would not be filtered off',
    },
    true,
  );
}

// Solids commonly double over 15 to 40 K.
const perKelvin = 0.03;

function known20(
  work: Worktop,
  id: string,
  { digits, at_C: measured_C = 20 }: { readonly digits: string; readonly at_C?: number },
  at_C: number,
): Worked<'density'> {
  const slope = work.assume(
    {
      key: `slope/${id}`,
      label: `rise of the solubility of ${work.world.kind(id).name} with temperature`,
      dim: 'fraction',
      unit: '%',
      low: 0.015,
      typical: perKelvin,
      high: 0.045,
      why: 'per kelvin; one point is known, solids commonly double over 15 to 40 K',
    },
    true,
  );
  const s_1 = Number(digits) / 100;
  return derive({
    formula: 'solubilityFromOne',
    dim: 'density',
    unit: 'g/100 mL',
    value: s_1 * (1 + slope.q.value) ** (at_C - measured_C),
    inputs: {
      s_1: {
        q: { dim: 'density', value: s_1 },
        unit: 'g/100 mL',
        figures: 2,
        source: { at: 'reference', id, field: 'waterSolubility' },
      },
      b: { q: slope.q, unit: '%', figures: 2, source: { at: 'worked', of: slope } },
      T: {
        q: { dim: 'temperature', value: at_C },
        unit: '°C',
        figures: 3,
        source: { at: 'prediction', id: 'temperature' },
      },
      T_1: {
        q: { dim: 'temperature', value: measured_C },
        unit: '°C',
        figures: 3,
        source: { at: 'reference', id, field: 'waterSolubility' },
      },
    },
    figures: 2,
    certain: 'modelled',
  });
}

/** Mass that a volume keeps in solution, at most what is there; the working of the smaller of both. */
export function keptInSolution(
  work: Worktop,
  grams: number,
  of: string,
  volume: Worked<'volume'>,
  s: Worked<'density'>,
): Worked<'mass'> {
  if (volume.q.value * s.q.value >= grams) return work.foreseenMass(grams, of);
  return derive({
    formula: 'dissolved',
    dim: 'mass',
    unit: 'g',
    value: volume.q.value * s.q.value,
    inputs: {
      V: { q: volume.q, unit: volume.unit, figures: volume.figures, source: { at: 'worked', of: volume } },
      s: { q: s.q, unit: s.unit, figures: s.figures, source: { at: 'worked', of: s } },
    },
    figures: 2,
    certain: 'modelled',
  });
}
