import { organicIons } from './organicIons';
import { pHAfter, titrantFor } from './neutralize';
import type { Beaker } from './neutralize';
import type { OrganicSubstance } from './organicIons';

type Acids = Partial<OrganicSubstance['acids']>;

/** A millimole of what somebody has drawn, in 10 mL of water; nothing of its constants is listed. */
function drawn(smiles: string, acids: Acids = {}, bases = 0): Beaker {
  const ions = organicIons({ smiles, pKas: [], bases, acids: { carboxylic: 0, sulfonic: 0, phenol: 0, ...acids } });
  if (!ions) throw new Error(`${smiles} takes no part`);
  return {
    systems: ions.systems.map(({ pKas, charge, count }) => ({ pKas, charge, moles: 0.001 * count })),
    spectators: 0.001 * ions.spectators,
    volume: 0.01,
  };
}

// So strong that its own water, and what makes that acid or basic, counts for nothing.
const strong = 1e6;
/** mmol of a strong base that a millimole takes up to a pH; negative of acid. */
const takes = (beaker: Beaker, pH: number) =>
  titrantFor({ ...beaker, volume: 1e-9 }, { kind: 'base', concentration: strong }, pH) * 1000 * strong;
const pHOf = (beaker: Beaker) => pHAfter(beaker, { kind: 'base', concentration: 1 }, 0);

// Equivalents between the last and the next constant of the substance (its constants in handbooks are far from the pH that is asked for).
test.each<[string, string, number, number, Acids?, number?]>([
  ['benzoic acid', 'OC(=O)c1ccccc1', 8.5, 1, { carboxylic: 1 }],
  ['citric acid: 3.1, 4.8, 6.4', 'OC(=O)CC(O)(CC(O)=O)C(O)=O', 8.5, 3, { carboxylic: 3 }],
  ['phthalic acid: 2.9, 5.4', 'OC(=O)c1ccccc1C(O)=O', 8.5, 2, { carboxylic: 2 }],
  ['potassium hydrogen phthalate', '[K+].OC(=O)c1ccccc1C([O-])=O', 8.5, 1, { carboxylic: 1 }],
  ['disodium phthalate, to pH 1', '[Na+].[Na+].[O-]C(=O)c1ccccc1C([O-])=O', 1, -2],
  ['trisodium citrate, to pH 1', '[Na+].[Na+].[Na+].[O-]C(=O)CC(O)(CC([O-])=O)C([O-])=O', 1, -3],
  ['sodium formate, to pH 1', '[Na+].[O-]C=O', 1, -1],
  ['sodium formate, drawn the other way', 'O=C[O-].[Na+]', 1, -1],
  ['salicylic acid: the phenol waits', 'OC(=O)c1ccccc1O', 7, 1, { carboxylic: 1, phenol: 1 }],
  ['hydroquinone, past its constants', 'Oc1ccc(O)cc1', 13.5, 2, { phenol: 2 }],
  ['an arylamine’s hydrochloride', 'Cc1ccc([NH3+])cc1.[Cl-]', 8.5, 1],
  ['the same as an acid beside the amine', 'Cc1ccc(N)cc1.Cl', 8.5, 1, {}, 1],
  ['an alkylamine’s hydrochloride, at pH 6 still one', 'CCCC[NH3+].[Cl-]', 6, 0],
  ['ethylenediamine, to pH 2', 'NCCN', 2, -2, {}, 2],
  ['glycine, to pH 12.5', 'NCC(O)=O', 12.5, 1, { carboxylic: 1 }, 1],
  ['glycine hydrochloride, to pH 6', 'OC(=O)C[NH3+].[Cl-]', 6, 1, { carboxylic: 1 }],
  ['aspartic acid, to pH 7', 'NC(CC(O)=O)C(O)=O', 7, 1, { carboxylic: 2 }, 1],
  ['toluenesulfonic acid', 'Cc1ccc(cc1)S(O)(=O)=O', 7, 1, { sulfonic: 1 }],
  ['trifluoroacetic acid at pH 3', 'OC(=O)C(F)(F)F', 3, 1, { carboxylic: 1 }],
  ['tetrabutylammonium bromide', 'CCCC[N+](CCCC)(CCCC)CCCC.[Br-]', 9, 0],
])('%s takes its equivalents', (_, smiles, pH, equivalents, ...groups) => {
  expect(Math.abs(takes(drawn(smiles, ...groups), pH) - equivalents)).toBeLessThan(0.06);
});

// 0.1 mol/L at 25 °C from the constants of handbooks, as textbooks work it out.
test.each<[string, string, number, Acids?, number?]>([
  ['sodium formate', '[Na+].[O-]C=O', 8.4],
  ['sodium acetate', '[Na+].CC([O-])=O', 8.9],
  ['disodium phthalate', '[Na+].[Na+].[O-]C(=O)c1ccccc1C([O-])=O', 9.2],
  ['trisodium citrate', '[Na+].[Na+].[Na+].[O-]C(=O)CC(O)(CC([O-])=O)C([O-])=O', 9.4],
  ['potassium hydrogen phthalate', '[K+].OC(=O)c1ccccc1C([O-])=O', 4.2, { carboxylic: 1 }],
  ['citric acid', 'OC(=O)CC(O)(CC(O)=O)C(O)=O', 2.1, { carboxylic: 3 }],
  ['aniline hydrochloride', '[NH3+]c1ccccc1.[Cl-]', 2.8],
  ['glycine', 'NCC(O)=O', 6.1, { carboxylic: 1 }, 1],
  ['4-aminobenzoic acid: between 2.4 and 4.9', 'Nc1ccc(cc1)C(O)=O', 3.6, { carboxylic: 1 }, 1],
  ['sulfanilic acid', 'Nc1ccc(cc1)S(O)(=O)=O', 2.1, { sulfonic: 1 }, 1],
])('%s has the pH that is usual', (_, smiles, pH, ...groups) => {
  expect(Math.abs(pHOf(drawn(smiles, ...groups)) - pH)).toBeLessThan(0.7);
});
