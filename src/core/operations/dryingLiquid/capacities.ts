/** g of water that a gram of agent binds in theory, by formula (hydrate stoichiometry; see `hydrateCapacity`). */
export const capacities: Readonly<Record<string, number>> = {
  MgSO4: 1.05,
  Na2SO4: 1.27,
  'CaCl2·2H2O': 0.32,
  CaCl2: 0.65,
  K2CO3: 0.2,
  CaSO4: 0.066,
};
