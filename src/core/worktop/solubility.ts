import { foreseenMass } from './foreseen';
import { guessedInSolvent, guessedInWater } from './guessedSolubility';
import { solubilityAt } from '../models/solubilityAt';
import { derive } from '../stoichiometry/derive';
import { millilitres } from './volumes';
import type { Kind } from './kinds';
import type { Matter } from './matter/matter';
import type { SolubilityGuess } from './guessedSolubility';
import type { Worked } from '../quantity/worked';
import type { Worktop } from './worktop';

/**
 * Solubility of a substance in a solvent at a temperature: from its curve, else in water from the single value that is known,
 * else from the hot volume that the sheet takes, else a named guess.
 *
 * @param solvent substance of the preparation
 * @returns g/mL
 */
export function solubilityOf(work: Worktop, id: string, solvent: string, at_C: number): Worked<'density'> {
  const { kind } = work.world;
  const { substance } = kind(id);
  const liquid = kind(solvent);
  const same = (other: string) => other === solvent || (liquid.water && kind(other).water);
  const curve = substance?.solubility?.find((one) => same(one.solvent));
  const found = curve && solubilityAt(id, curve, at_C);
  if (found?.ok) return found.value;
  const known = substance?.waterSolubility;
  if (liquid.water && known && known.digits !== 'miscible') return known20(work, id, known, at_C);
  const hot = heldHot(work, id, solvent);
  return hot === undefined ? byMelting(work, id, liquid, at_C) : byRatio(work, { id, solvent, hot });
}

/** What the solvent of an earlier recrystallization held at the boil, by the sheet's own volume; g/mL. */
function heldHot(work: Worktop, id: string, solvent: string): number | undefined {
  const { doc } = work.world.plan;
  const now = doc.steps.indexOf(work.step);
  const { facts, plan } = work.world;
  for (const step of doc.steps.slice(0, now).reverse()) {
    const { hot } = work.world.means(step);
    const line = hot && facts.lines.get(hot.line);
    const volume = line && plan.charge.rows.get(line.line.id)?.total.volume?.q.value;
    if (!line || volume === undefined || !(volume > 0)) continue;
    const other =
      line.line.substance === solvent || (work.world.kind(solvent).water && work.world.kind(line.line.substance).water);
    const grams = work.world.plan.charge.product?.mass?.q.value;
    if (other && id === work.stage?.substance && grams !== undefined) return (grams * (1 + hot.excess)) / volume;
  }
  return undefined;
}

/** No curve: the sheet's hot volume tells what dissolves hot, and the cold keeps a stated share of it. */
function byRatio(work: Worktop, { id, solvent, hot }: { id: string; solvent: string; hot: number }): Worked<'density'> {
  const { kind } = work.world;
  return work.assume(
    {
      key: `solubility/${id}/${kind(solvent).water ? 'water' : solvent}`,
      label: `solubility of ${kind(id).name} in ${kind(solvent).name}, cold`,
      dim: 'density',
      unit: 'g/100 mL',
      low: 0.03 * hot,
      typical: 0.08 * hot,
      high: 0.2 * hot,
      why: 'no curve is known; 3 to 20 % of what the sheet’s hot volume holds, as a solvent that is chosen for it keeps',
    },
    true,
  );
}

/** By volume, what of a liquid is a solvent that mixes with water. */
export function cosolventIn({ world: { kind } }: Worktop, liquid: Matter): number {
  const mixing = Object.fromEntries(
    Object.entries(liquid).filter(
      ([id]) => !kind(id).water && !kind(id).solid && kind(id).substance?.waterSolubility?.digits === 'miscible',
    ),
  );
  const all = millilitres(kind, liquid);
  return all > 0 ? millilitres(kind, mixing) / all : 0;
}

/** Nothing is known: a guess from the melting point, which what the step filters off never exceeds by much. */
function byMelting(work: Worktop, id: string, liquid: Kind, at_C: number): Worked<'density'> {
  const one = work.world.kind(id);
  const cosolvent = cosolventIn(work, work.phase(work.place('in'), 'liquid'));
  const found = liquid.water ? guessedInWater(one, cosolvent) : guessedInSolvent(one, liquid, at_C);
  const isFiltered = id === work.stage?.substance && !liquid.water;
  const guess = found && !(isFiltered && found.typical > little.typical) ? found : little;
  return work.assume(
    {
      key: `solubility/${id}/${liquid.water ? 'water' : liquid.id}`,
      label: `solubility of ${one.name} in ${liquid.name}, cold`,
      dim: 'density',
      unit: 'g/100 mL',
      ...guess,
      ...(id === work.stage?.substance ? {} : { aside: true }),
    },
    true,
  );
}

/** Of what is filtered from a solvent. */
const little: SolubilityGuess = {
  low: 0.0003,
  typical: 0.003,
  high: 0.03,
  why: 'no value is given; little, or it would not be filtered off',
};

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
      ...(id === work.stage?.substance ? {} : { aside: true }),
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
  grams: number,
  of: string,
  volume: Worked<'volume'>,
  s: Worked<'density'>,
): Worked<'mass'> {
  if (volume.q.value * s.q.value >= grams) return foreseenMass(grams, of);
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
