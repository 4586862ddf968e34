import { assertFinite } from '../guards';

/**
 * Lower explosive limit of an organic vapour in air at room temperature, `0.55·C_st`, where `C_st = 100/(1 + 4.76·k)` is the share that burns
 * with all the oxygen and `k = C + (H − X)/4 − O/2` the oxygen that a molecule takes (Jones, Chem. Rev. 22 (1938) 1). Within about a fifth of
 * what is measured for hydrocarbons, alcohols, ketones, ethers and esters.
 *
 * @param atoms per molecule
 * @returns per cent by volume; infinite where nothing burns
 * @example lowerExplosiveLimit({ C: 3, H: 6, O: 1 }).toFixed(1) // → '2.7'
 */
export function lowerExplosiveLimit(atoms: Readonly<Record<string, number>>): number {
  const n = (one: string) => atoms[one] ?? 0;
  assertFinite(atoms);
  const halogen = n('F') + n('Cl') + n('Br') + n('I');
  const oxygen = n('C') + (n('H') - halogen) / 4 - n('O') / 2;
  return oxygen > 0 ? (0.55 * 100) / (1 + 4.76 * oxygen) : Infinity;
}
