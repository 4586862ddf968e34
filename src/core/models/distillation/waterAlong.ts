import { azeotropeOf } from './azeotropes';
import { findRoot } from '../findRoot';
import { troutonPressure } from '../vapour/troutonPressure';
import type { AzeotropePartner } from './azeotropes';

const water: AzeotropePartner = { atoms: { H: 2, O: 1 }, boiling_C: 100 };
const M_water = 18.015;

/**
 * Vapour pressure of water, torr (Antoine, common handbook constants, 1 to 100 °C).
 *
 * @example waterPressure(100).toFixed(0) // → '760'
 */
export const waterPressure = (T: number): number => 10 ** (8.07131 - 1730.63 / (T + 233.426));

/** Water that comes over with a liquid, and where both boil. */
export interface WaterAlong {
  /** g of water for a gram of the liquid. */
  readonly perGram: number;
  readonly boiling_C: number;
  readonly from: 'list' | 'estimate';
}

/**
 * Water that distils with a liquid that hardly mixes with it: from the list of common azeotropes, else by Dalton's law for two layers
 * that boil together at 760 torr, `m_w/m_o = p_w·M_w/(p_o·M_o)`, the liquid's pressure by Trouton's rule.
 *
 * @param M g/mol of the liquid
 * @throws RangeError when M is not positive or the boiling point lies outside −50 to 400 °C
 * @example waterAlong({ atoms: { C: 6, H: 10 }, boiling_C: 83 }, 82.14).perGram.toFixed(2) // → '0.11'
 */
export function waterAlong(liquid: AzeotropePartner, M: number): WaterAlong {
  if (!(M > 0) || !(liquid.boiling_C >= -50 && liquid.boiling_C <= 400))
    throw new RangeError(`a liquid of ${M} g/mol that boils at ${liquid.boiling_C} °C is not one to distil with water`);
  const listed = azeotropeOf(water, liquid);
  if (listed) return { perGram: listed.share_a / (1 - listed.share_a), boiling_C: listed.boiling_C, from: 'list' };
  const total = (T: number) => waterPressure(T) + troutonPressure(liquid.boiling_C, T) - 760;
  const boiling_C = findRoot(total, -60, 100, 1e-6);
  const [p_w, p_o] = [waterPressure(boiling_C), troutonPressure(liquid.boiling_C, boiling_C)];
  return { perGram: (p_w * M_water) / (p_o * M), boiling_C, from: 'estimate' };
}
