import { assertPositive } from '../guards';

/**
 * Density of a mixture of liquids with additive volumes, `ρ = Σm/Σ(m/ρᵢ)`. Alcohol and water shrink by up to 4 %.
 *
 * @param parts g and g/mL of each
 * @returns g/mL
 * @example mixtureDensity([{ mass_g: 10, density: 1 }, { mass_g: 10, density: 2 }]).toFixed(4) // → '1.3333'
 */
export function mixtureDensity(parts: readonly { readonly mass_g: number; readonly density: number }[]): number {
  if (parts.length === 0) throw new RangeError('a mixture has at least one part');
  const mass = parts.reduce((sum, { mass_g }) => sum + mass_g, 0);
  const volume = parts.reduce((sum, { mass_g, density }) => {
    assertPositive({ density, mass_g });
    return sum + mass_g / density;
  }, 0);
  return mass / volume;
}
