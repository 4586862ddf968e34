import { acidProtons, groupsOf, hasGroup } from '../reference/groups';
import { kinds } from './materials';
import type { Present } from './scene';

const kJ_perMol = 57.1;
const waterHeat = 4.18e-3;

/** Moles of protons that the acids among some matter give to a strong base; what only water sets free is not counted yet. */
export function acidEquivalents(all: Iterable<Present>): number {
  let sum = 0;
  for (const { substance, moles = 0 } of all)
    if (kinds.readyAcid(substance)) sum += moles * Math.max(1, acidProtons(substance.formula, groupsOf(substance)));
  return sum;
}

/** Moles of protons that hydroxides and carbonates among some matter take. */
export function baseEquivalents(all: Iterable<Present>): number {
  let sum = 0;
  for (const { substance, moles = 0 } of all) {
    const groups = groupsOf(substance);
    if (hasGroup(groups, 'hydroxide')) sum += moles * (/\(OH\)2/.test(substance.formula ?? '') ? 2 : 1);
    else if (hasGroup(groups, 'carbonate')) sum += 2 * moles;
    else if (hasGroup(groups, 'bicarbonate')) sum += moles;
  }
  return sum;
}

/**
 * Rise of temperature when so many moles of strong acid and strong base meet and no heat is lost, `ΔT = 57.1 kJ/mol·n/(m·4.18
 * J/(g·K))` (enthalpy of neutralization at 25 °C, common handbook value; the mixture taken as water).
 *
 * @param grams of the whole mixture, more than zero
 * @returns K
 * @example neutralizationRise(0.1, 100).toFixed(1) // → '13.7'
 */
export function neutralizationRise(moles: number, grams: number): number {
  if (!(grams > 0)) throw new RangeError(`the mixture must weigh more than zero, not ${grams} g`);
  return (kJ_perMol * moles) / (grams * waterHeat);
}
