import { labelFaults } from './labelFaults';
import { molarMass } from '../compound/molarMass';
import { formatDigits } from '../quantity/format';
import type { CrossCheck } from './crossChecks';
import type { ReferenceSolution } from '../reference/solution';
import type { ReferenceSubstance } from '../reference/substance';

const tolerance = 0.02;

/**
 * Molarity that follows from mass fraction and density, `c = 10·(% w/w)·ρ/M` (definition of concentration).
 *
 * @param M g/mol of the solute
 * @returns mol/L
 * @example Math.round(molarityOf({ massPercent: { digits: '37' }, density: { digits: '1.18' } }, 36.46) * 100) / 100 // → 11.97
 */
export function molarityOf(
  solution: {
    readonly massPercent: Pick<ReferenceSolution['massPercent'], 'digits'>;
    readonly density: Pick<ReferenceSolution['density'], 'digits'>;
  },
  M: number,
): number {
  return (10 * Number(solution.massPercent.digits) * Number(solution.density.digits)) / M;
}

/** Relations between the fields of a solution, with their answers. */
export function solutionChecks(
  solution: ReferenceSolution,
  solute: ReferenceSubstance | undefined,
): readonly CrossCheck[] {
  const checks: CrossCheck[] = [];
  const mass = solute?.formula === undefined ? undefined : molarMass(solute.formula);
  if (mass?.ok) {
    const computed = molarityOf(solution, mass.value.q.value);
    const listed = Number(solution.molarity.digits);
    checks.push({
      fields: ['massPercent', 'solutionDensity', 'molarity'],
      relation: 'c = 10·w·ρ/M within 2 %',
      holds: Math.abs(computed / listed - 1) <= tolerance,
      says: `mass fraction and density give ${formatDigits({ dim: 'concentration', value: computed }, 'mol/L')} mol/L, listed is ${solution.molarity.digits}`,
    });
  }
  if (solution.hazards) {
    const faults = labelFaults(solution.hazards);
    checks.push({
      fields: [],
      relation: 'statements, symbols and signal word',
      holds: faults.length === 0,
      says: faults.join('; ') || 'symbols and signal word follow from the statements',
    });
  }
  return checks;
}
