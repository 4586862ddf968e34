import { isSaltInsoluble } from './saltsInSolvents';
import type { SaltSolvent } from './saltsInSolvents';

test.each<readonly [formula: string, solvent: SaltSolvent, insoluble: boolean | undefined]>([
  ['NaCl', 'aprotic', true],
  ['NaCl', 'alcohol', true],
  ['KBr', 'alcohol', true],
  ['NaBr', 'alcohol', undefined],
  ['NaI', 'ketone', undefined],
  ['NaI', 'aprotic', true],
  ['NaOH', 'alcohol', undefined],
  ['NaOH', 'halogenated', true],
  ['K2CO3', 'polar', true],
  ['NaHCO3', 'ketone', true],
  ['Na2SO4', 'halogenated', true],
  ['MgSO4·7H2O', 'aprotic', true],
  ['CuSO4·5H2O', 'ketone', true],
  ['NH4Cl', 'aprotic', true],
  ['CaCl2', 'aprotic', true],
  ['CaCl2', 'alcohol', undefined],
  ['MgBr2', 'aprotic', undefined],
  ['ZnCl2', 'aprotic', undefined],
  ['AlCl3', 'halogenated', undefined],
  ['LiCl', 'aprotic', undefined],
  ['LiAlH4', 'aprotic', undefined],
  ['NaBH4', 'aprotic', undefined],
  ['AgCl', 'polar', true],
  ['MnO2', 'ketone', true],
  ['Na', 'aprotic', true],
  ['I2', 'aprotic', undefined],
  ['C7H8', 'aprotic', undefined],
])('%s in a solvent that is %s: %s', (formula, solvent, insoluble) => {
  expect(isSaltInsoluble({ formula }, solvent)).toBe(insoluble);
});

test.each<readonly [formula: string, smiles: string, solvent: SaltSolvent, insoluble: boolean | undefined]>([
  ['C7H5NaO2', '[Na+].[O-]C(=O)c1ccccc1', 'aprotic', true],
  ['C7H5NaO2', '[Na+].[O-]C(=O)c1ccccc1', 'alcohol', undefined],
  ['C6H5NaO', '[Na+].[O-]c1ccccc1', 'halogenated', true],
  ['C4H9KO', '[K+].CC(C)(C)[O-]', 'aprotic', undefined],
  ['C7H7NaO3S', '[Na+].Cc1ccc(cc1)S(=O)(=O)[O-]', 'aprotic', true],
  ['C6H16ClN', 'CC[NH+](CC)CC.[Cl-]', 'aprotic', true],
  ['C6H16ClN', 'CC[NH+](CC)CC.[Cl-]', 'halogenated', undefined],
  ['C6H16ClN', 'CCN(CC)CC.Cl', 'aprotic', true],
  ['C16H36BrN', 'CCCC[N+](CCCC)(CCCC)CCCC.[Br-]', 'aprotic', undefined],
  ['C6H5BrMg', 'Br[Mg]c1ccccc1', 'aprotic', undefined],
])('%s, drawn %s, in a solvent that is %s: %s', (formula, smiles, solvent, insoluble) => {
  expect(isSaltInsoluble({ formula, smiles }, solvent)).toBe(insoluble);
});
