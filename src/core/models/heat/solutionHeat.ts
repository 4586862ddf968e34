import { anhydrousAtoms, equalAtoms } from '../../compound/atomsOf';
import { assertWithin } from '../guards';

/** Enthalpies of solution in much water at 25 °C, kJ/mol (common handbook values); hydrates have others and are not among them. */
const listed: readonly (readonly [formula: string, kJ_perMol: number])[] = [
  ['NaOH', -44.5],
  ['KOH', -57.6],
  ['LiOH', -23.6],
  ['NaCl', 3.9],
  ['KCl', 17.2],
  ['NH4Cl', 14.8],
  ['NH4NO3', 25.7],
  ['KNO3', 34.9],
  ['NaNO3', 20.5],
  ['KBr', 19.9],
  ['NaBr', -0.6],
  ['KI', 20.3],
  ['NaI', -7.5],
  ['LiCl', -37],
  ['NaHCO3', 16.7],
  ['Na2CO3', -26.7],
  ['K2CO3', -30.9],
  ['NaC2H3O2', -17.3],
  ['CaCl2', -81.3],
  ['MgCl2', -160],
  ['MgSO4', -91.2],
  ['AlCl3', -329],
  ['CuSO4', -66.5],
];

/**
 * Enthalpy of solution of a salt or alkali in much water at 25 °C; anhydrous as its formula says.
 *
 * @returns kJ/mol, nothing for what is not listed
 * @example [solutionEnthalpy('NaOH'), solutionEnthalpy('MgSO4·7H2O'), solutionEnthalpy('C2H3NaO2')] // → [-44.5, undefined, -17.3]
 */
export function solutionEnthalpy(formula: string | undefined): number | undefined {
  if (formula === undefined || /[·*•∙⋅]/.test(formula)) return undefined;
  const atoms = anhydrousAtoms(formula);
  return listed.find(([one]) => equalAtoms(anhydrousAtoms(one), atoms))?.[1];
}

/**
 * Heat that sulfuric acid has given off in so much water, `74.7·n/(n + 1.798)` kJ per mole of acid with n moles of water for each
 * (Thomsen's formula, 25 °C).
 *
 * @param n at least 0
 * @returns kJ/mol
 * @example sulfuricDilution(1.798).toFixed(1) // → '37.4'
 */
export function sulfuricDilution(n: number): number {
  assertWithin(0, Infinity, { n });
  return Number.isFinite(n) ? (74.7 * n) / (n + 1.798) : 74.7;
}
