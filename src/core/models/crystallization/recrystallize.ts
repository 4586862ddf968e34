import { assertPositive, assertWithin } from '../guards';

/** A recrystallization as it is planned. Solubilities in g per mL of solvent. */
export interface Recrystallizing {
  /** Pure substance in what goes in, dry, g. */
  readonly mass_g: number;
  readonly hot: number;
  readonly cold: number;
  /** mL when cooling starts; hot-filtration excess that was boiled off does not count. */
  readonly volume_mL: number;
  /** mL that rinse the crystals, at the cold temperature. @default 0 */
  readonly rinse_mL?: number;
  /** What the hot filter keeps: crystals in the paper, charcoal; g. @default 0 */
  readonly filter_g?: number;
  /** A companion that dissolves independently. */
  readonly impurity?: { readonly mass_g: number; readonly cold: number };
  /** mL to which the liquor is boiled down for a second crop. */
  readonly secondVolume_mL?: number;
}

/** Where the substance ends. The parts of the mass add up to what went in. */
export interface Recrystallized {
  /** Least volume that dissolves it at the boil, mL. */
  readonly least_mL: number;
  /** Solvent over the least when cooling starts; negative means that some stayed undissolved. */
  readonly excess: number;
  readonly crystals_g: number;
  readonly liquor_g: number;
  readonly rinsed_g: number;
  readonly filter_g: number;
  /** Undissolved at the boil: it goes through the whole process unpurified. */
  readonly undissolved_g: number;
  readonly second_g: number;
  /** Share of what went in that comes back as crystals. */
  readonly recovery: number;
  /** Companion in the crystals, g. */
  readonly impurity_g: number;
}

/**
 * Recrystallization with independent solubilities: hot volume `m/s_hot`, liquor `V·s_cold`, rinse `V·s_cold`, second crop from
 * the liquor boiled down. Recovery without losses is `max(0, 1 − (1+e)·s_cold/s_hot)` with e the excess of solvent. A companion
 * stays dissolved while it is under its own solubility.
 *
 * Left out: inclusion in fast-grown crystals, liquor that clings to the cake.
 *
 * @example recrystallize({ mass_g: 2, hot: 0.1, cold: 0.01, volume_mL: 20 }).recovery.toFixed(2) // → '0.90'
 */
export function recrystallize({
  mass_g,
  hot,
  cold,
  volume_mL,
  rinse_mL = 0,
  filter_g = 0,
  impurity,
  secondVolume_mL,
}: Recrystallizing): Recrystallized {
  assertPositive({ mass_g, hot, cold, volume_mL });
  assertWithin(0, mass_g, { filter_g });
  assertWithin(0, 1e6, { rinse_mL });
  const least_mL = mass_g / hot;
  const undissolved_g = Math.max(0, mass_g - filter_g - volume_mL * hot);
  const inLiquor = Math.min(mass_g - filter_g, volume_mL * cold);
  const crystallized = mass_g - filter_g - inLiquor;
  const rinsed_g = Math.min(crystallized, rinse_mL * cold);
  const second_g = secondVolume_mL === undefined ? 0 : Math.max(0, inLiquor - secondVolume_mL * cold);
  const crystals_g = crystallized - rinsed_g;
  return {
    least_mL,
    excess: volume_mL / least_mL - 1,
    crystals_g,
    liquor_g: inLiquor - second_g,
    rinsed_g,
    filter_g,
    undissolved_g,
    second_g,
    recovery: crystals_g / mass_g,
    impurity_g: impurity ? Math.max(0, impurity.mass_g - volume_mL * impurity.cold) : 0,
  };
}
