import { assertPositive } from '../guards';

/** 2·1.008 + 15.999, g/mol. */
const water = 18.015;

/**
 * Water that a gram of drying agent binds as a hydrate, g/g: moles of water taken up over the agent's molar mass.
 *
 * @example hydrateCapacity(120.36, 7).toFixed(2) // → '1.05'
 */
export function hydrateCapacity(molarMass: number, waters: number): number {
  assertPositive({ molarMass, waters });
  return (waters * water) / molarMass;
}
