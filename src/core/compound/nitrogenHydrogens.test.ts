import { atomsOf } from './atomsOf';
import { nitrogenHydrogens } from './nitrogenHydrogens';
import { shippedSubstances } from '@/data/reference';

test.each([
  ['Nc1ccccc1', 2],
  ['CC(=O)Nc1ccccc1', 1],
  ['CN(C)C=O', 0],
  ['Cn1cnc2N(C)C(=O)N(C)C(=O)c12', 0],
  ['C(=NCc1ccccc1)c1ccccc1', 0],
  ['CC#N', 0],
  ['O=C1CCC(=O)N1', 1],
  ['c1cc[nH]c1', 1],
  ['[NH4+].[Cl-]', 4],
  ['CC(=O)[NH]C', 1],
  ['NC(N)=O', 4],
  ['C1CC1N%10CCCC%10', 0],
])('%s has %s hydrogen atoms on nitrogen', (smiles, count) => expect(nitrogenHydrogens(smiles)).toBe(count));

test('no substance of the library has more of them than its formula has hydrogen, nor more than four for each nitrogen', () => {
  const read = shippedSubstances.flatMap(({ id, smiles, formula }) => {
    const count = smiles === undefined ? 0 : nitrogenHydrogens(smiles);
    return count === 0
      ? []
      : [{ id, count, H: atomsOf(formula ?? '')?.['H'] ?? 0, N: atomsOf(formula ?? '')?.['N'] ?? 0 }];
  });
  expect(read.length).toBeGreaterThan(10);
  for (const { id, count, H, N } of read) expect([id, count <= H, count <= 4 * N]).toEqual([id, true, true]);
});
