import { assertPositive } from '../guards';

/**
 * Mass of oil that comes over with a gram of water, `m_o/m_w = p_o·M_o/(p_w·M_w)` (immiscible liquids: each exerts its own
 * vapour pressure; Dalton's law). An upper bound for plant material, which gives its oil up slowly.
 *
 * @param p_o,p_w vapour pressures at the temperature of the distillation, same unit
 * @param M_o,M_w g/mol
 * @example steamRatio(10, 750, 180.15, 18.015).toFixed(4) // → '0.1333'
 */
export function steamRatio(p_o: number, p_w: number, M_o: number, M_w: number): number {
  assertPositive({ p_o, p_w, M_o, M_w });
  return (p_o * M_o) / (p_w * M_w);
}
