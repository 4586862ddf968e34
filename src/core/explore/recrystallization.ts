import { solubilityBetween } from '../models/crystallization/solubilityBetween';
import { recrystallize } from '../models/crystallization/recrystallize';
import type { Recrystallized } from '../models/crystallization/recrystallize';
import type { SolubilityPoint } from '../models/crystallization/solubilityBetween';

/** What a recrystallization is explored with. */
export interface RecrystallizationQuestion {
  /** g per mL of solvent against °C, at least two. */
  readonly points: readonly SolubilityPoint[];
  readonly mass_g: number;
  readonly volume_mL: number;
  readonly hot_C: number;
  readonly cold_C: number;
  readonly rinse_mL: number;
  readonly impurity_g: number;
  /** g/mL at the cold temperature. */
  readonly impuritySolubility: number;
}

export interface RecrystallizationAnswer extends Recrystallized {
  readonly hot: number;
  readonly cold: number;
  readonly curve: readonly { readonly T: number; readonly s: number }[];
  /** Recovery, and impurity in the crystals, against the volume of solvent. */
  readonly byVolume: readonly { readonly volume_mL: number; readonly recovery: number; readonly impurity: number }[];
}

/**
 * Solubility curve, recovery against volume, and where everything ends.
 *
 * @throws RangeError when hot or cold lies outside the points: nothing is guessed there
 */
export function exploreRecrystallization(question: RecrystallizationQuestion): RecrystallizationAnswer {
  const { points, mass_g, volume_mL, hot_C, cold_C, rinse_mL, impurity_g, impuritySolubility } = question;
  const s = (T: number) => solubilityBetween(points, T);
  const [hot, cold] = [s(hot_C), s(cold_C)];
  const impurity = impurity_g > 0 ? { mass_g: impurity_g, cold: impuritySolubility } : undefined;
  const at = (volume: number) =>
    recrystallize({ mass_g, hot, cold, volume_mL: volume, rinse_mL, ...(impurity ? { impurity } : {}) });
  const temperatures = points.map(({ T }) => T);
  const [low, high] = [Math.min(...temperatures), Math.max(...temperatures)];
  const most = Math.max(2 * volume_mL, 3 * (mass_g / hot));
  return {
    ...at(volume_mL),
    hot,
    cold,
    curve: Array.from({ length: 41 }, (_, i) => {
      const T = i === 40 ? high : low + ((high - low) * i) / 40;
      return { T, s: s(T) };
    }),
    byVolume: Array.from({ length: 60 }, (_, i) => {
      const volume = (most * (i + 1)) / 60;
      const { recovery, impurity_g: kept } = at(volume);
      return { volume_mL: volume, recovery, impurity: impurity_g > 0 ? kept / impurity_g : 0 };
    }),
  };
}
