import { hydrateCapacity } from '../../models/drying/hydrateCapacity';

/** Water of the hydrate that each agent forms, by its formula as it stands in the bottle. */
const hydrates: Readonly<Record<string, number>> = { MgSO4: 7, Na2SO4: 10, CaCl2: 2, K2CO3: 1.5, CaSO4: 0.5 };

/** g of water that a gram of agent binds in theory; nothing for an agent whose hydrate is not known here. */
export function capacityOf(formula: string | undefined, M: number | undefined): number | undefined {
  const waters = formula === undefined ? undefined : hydrates[formula];
  return waters === undefined || M === undefined ? undefined : hydrateCapacity(M, waters);
}

const floors: Readonly<Record<string, number>> = { MgSO4: 1, Na2SO4: 1, CaCl2: 2, K2CO3: 2 };

/** Least dose of an agent for the drops that hang in a wet layer, g per 25 mL (practical-course custom). */
export const floorOf = (formula: string | undefined): number => floors[formula?.split('·')[0] ?? ''] ?? 1;
