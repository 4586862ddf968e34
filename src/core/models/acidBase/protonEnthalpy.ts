import { assertFinite } from '../guards';
import { speciation } from './speciation';

/** kJ per unit of pKa at 25 °C: R·T·ln 10. */
const perUnit_kJ = 5.708;
/** T·ΔS of giving a proton at 25 °C, kJ/mol, by the charge of the acid: the more charge there is afterwards, the more water is bound. */
const ordering_kJ = { cation: 0, neutral: -26.8, anion: -38, dianion: -54 } as const;
/** Neutral acids that are stronger than phosphoric acid give hardly more heat than it. */
const leastNeutral_kJ = -8;
/** Ionization of water at 25 °C, kJ/mol. */
export const ofWater_kJ = 55.8;

/**
 * Enthalpy of dissociation of an acid in water at 25 °C, `ΔH = R·T·ln 10·pKa + T·ΔS`, with the entropy that acids of a charge have in
 * common (about 0 for cations, −90, −125 and −180 J/(mol·K) for neutral acids and anions; Pitzer 1937). Within about 10 kJ/mol of the
 * values of handbooks for the acids of a teaching lab, ions of bulky amines farther off.
 *
 * @param charge of the acid
 * @returns kJ/mol
 * @example [dissociationEnthalpy(9.25, 1).toFixed(0), dissociationEnthalpy(4.76, 0).toFixed(0), dissociationEnthalpy(10.33, -1).toFixed(0)] // → ['53', '0', '21']
 */
export function dissociationEnthalpy(pKa: number, charge: number): number {
  assertFinite({ pKa, charge });
  const free = perUnit_kJ * pKa;
  if (charge >= 1) return Math.max(0, free + ordering_kJ.cation);
  if (charge === 0) return Math.max(leastNeutral_kJ, free + ordering_kJ.neutral);
  return free + (charge === -1 ? ordering_kJ.anion : ordering_kJ.dianion);
}

/**
 * Enthalpy of a mole of a polyprotic acid at a pH, against its fully protonated form.
 *
 * @param pKas of each step in the order of dissociation
 * @param charge of the fully protonated form
 * @returns kJ/mol
 * @example dissociatedEnthalpy([9.25], 1, 14).toFixed(0) // → '53'
 */
export function dissociatedEnthalpy(pKas: readonly number[], charge: number, pH: number): number {
  const fractions = speciation(pKas, pH);
  // Steps that each form has taken, one after the other.
  let taken = 0;
  return fractions.reduce((sum, fraction, form) => {
    const pKa = pKas[form - 1];
    if (pKa !== undefined) taken += dissociationEnthalpy(pKa, charge - form + 1);
    return sum + fraction * taken;
  }, 0);
}
