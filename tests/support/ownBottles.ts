/** Bottles and steps that own preparations share. */
export const water = ['Water', 'H2O', 'O', ''] as const;
export const ice = ['Ice-water', 'H2O', 'O', ''] as const;
export const bicarbonate = ['Sodium bicarbonate solution', 'NaHCO3', '[Na+].OC([O-])=O', ''] as const;
export const brine = ['Brine', 'NaCl', '[Na+].[Cl-]', ''] as const;
export const soda = ['Sodium hydroxide', 'NaOH', '[Na+].[OH-]', 'H290 H314'] as const;
export const muriatic = ['Hydrochloric acid', 'HCl', 'Cl', 'H290 H314 H335'] as const;
export const sulfuric = ['Sulfuric acid', 'H2SO4', 'OS(O)(=O)=O', 'H314'] as const;
export const ether = ['Diethyl ether', 'C4H10O', 'CCOCC', 'H224 H302 H336 EUH019', '-45', '34.6'] as const;
export const ethanol = ['Ethanol', 'C2H6O', 'CCO', 'H225 H319', '13', '78.3'] as const;
export const acetic = ['Acetic acid', 'C2H4O2', 'CC(O)=O', 'H226 H314', '39', '118'] as const;
export const chips = ['Boiling stones', '', '', ''] as const;
export const agent = ['Magnesium sulfate', 'MgSO4', '[Mg+2].[O-]S([O-])(=O)=O', ''] as const;
export const flask = { in: 'flask' } as const;
export const charge = (id: string, uses: Readonly<Record<string, string>> = flask) =>
  [id, 'charge', { line: id }, uses] as const;
export const reflux = ['reflux', 'reflux', { minutes: 30, low_C: 60, high_C: 120 }, flask] as const;
