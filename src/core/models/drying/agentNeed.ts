import { assertPositive, assertWithin } from '../guards';

export interface AgentNeedOptions {
  /** mL of organic layer. */
  readonly volume_mL: number;
  /** Density of the layer, g/mL. */
  readonly density: number;
  /** Water that the solvent dissolves, mass fraction. */
  readonly waterContent: number;
  /** g of water that a gram of agent binds in theory. */
  readonly capacity: number;
  /** Share of the theory that is reached in the time at hand, 0.1 to 0.3. @default 0.2 */
  readonly practical?: number;
  /** Water taken out before (brine leaves the rest), share of saturation. @default 1 */
  readonly saturation?: number;
  /** Least dose for suspended water that no solubility tells of, g per 25 mL of wet layer. @default 0 */
  readonly floor_per25mL?: number;
}

/**
 * Drying agent for a water-saturated layer: dissolved water over what a gram takes up in practice (hydrate stoichiometry).
 * Water that is only suspended is met by a least dose (practical-course custom). An estimate to start from; then by eye.
 *
 * @returns g of water and g of agent
 * @example agentNeed({ volume_mL: 50, density: 0.8, waterContent: 0.01, capacity: 1, practical: 0.25 }).agent_g.toFixed(2) // → '1.60'
 */
export function agentNeed({
  volume_mL,
  density,
  waterContent,
  capacity,
  practical = 0.2,
  saturation = 1,
  floor_per25mL = 0,
}: AgentNeedOptions): { readonly water_g: number; readonly agent_g: number } {
  assertPositive({ volume_mL, density, capacity, practical });
  assertWithin(0, 1, { waterContent, saturation, practical });
  const water_g = volume_mL * density * waterContent * saturation;
  assertWithin(0, 100, { floor_per25mL });
  return { water_g, agent_g: Math.max(water_g / (capacity * practical), (floor_per25mL * volume_mL) / 25) };
}
