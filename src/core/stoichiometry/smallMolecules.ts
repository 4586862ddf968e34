/** What an equation most often leaves out, by name and formula. */
export const smallMolecules = [
  { name: 'Water', formula: 'H2O' },
  { name: 'Hydrogen chloride', formula: 'HCl' },
  { name: 'Hydrogen bromide', formula: 'HBr' },
  { name: 'Hydrogen iodide', formula: 'HI' },
  { name: 'Carbon dioxide', formula: 'CO2' },
  { name: 'Nitrogen', formula: 'N2' },
  { name: 'Ammonia', formula: 'NH3' },
  { name: 'Acetic acid', formula: 'C2H4O2' },
  { name: 'Methanol', formula: 'CH4O' },
  { name: 'Ethanol', formula: 'C2H6O' },
  { name: 'Hydrogen', formula: 'H2' },
  { name: 'Oxygen', formula: 'O2' },
  { name: 'Sodium chloride', formula: 'NaCl' },
  { name: 'Sodium bromide', formula: 'NaBr' },
  { name: 'Sodium iodide', formula: 'NaI' },
  { name: 'Potassium bromide', formula: 'KBr' },
] as const;
