import { assertFinite, assertPositive } from '../guards';

export interface ReactionHeat {
  /** kJ/mol of extent, negative when heat is given off. */
  readonly enthalpy: number;
  /** mol */
  readonly extent_mol: number;
  /** g of everything in the flask. */
  readonly mass_g: number;
  /** J/(g·K) */
  readonly heatCapacity: number;
}

/**
 * Rise of temperature when all the heat stays in the flask, `ΔT = −ΔH·ξ/(m·c_p)` (adiabatic; nothing boils).
 *
 * @returns K
 * @example adiabaticRise({ enthalpy: -100, extent_mol: 0.1, mass_g: 100, heatCapacity: 4 }) // → 25
 */
export function adiabaticRise({ enthalpy, extent_mol, mass_g, heatCapacity }: ReactionHeat): number {
  assertPositive({ mass_g, heatCapacity });
  assertFinite({ enthalpy, extent_mol });
  return (-enthalpy * 1000 * extent_mol) / (mass_g * heatCapacity);
}

/**
 * Shortest time over which an exothermic reagent is dosed so that a bath takes the heat away at the ceiling,
 * `t = −ΔH·ξ/(UA·(T_ceiling − T_bath))` (steady state; the reaction keeps up with the dosing).
 *
 * @param removal_W_per_K UA of flask and bath
 * @returns s
 * @example dosingTime({ enthalpy: -50, extent_mol: 0.1 }, { removal_W_per_K: 0.5, ceiling_C: 25, bath_C: 5 }) // → 500
 */
export function dosingTime(
  { enthalpy, extent_mol }: Pick<ReactionHeat, 'enthalpy' | 'extent_mol'>,
  {
    removal_W_per_K,
    ceiling_C,
    bath_C,
  }: { readonly removal_W_per_K: number; readonly ceiling_C: number; readonly bath_C: number },
): number {
  assertFinite({ enthalpy, extent_mol });
  assertPositive({ removal_W_per_K, 'ceiling above the bath': ceiling_C - bath_C });
  return Math.max(0, (-enthalpy * 1000 * extent_mol) / (removal_W_per_K * (ceiling_C - bath_C)));
}
