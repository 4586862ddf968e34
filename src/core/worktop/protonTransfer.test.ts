import { isProtonTransfer } from './protonTransfer';
import { kindOf } from './kinds';
import { typed } from '../../../tests/support/scenarios/typed';
import { taken } from '../../../tests/support/library';
import type { Substance } from '../document/document';

const own: Readonly<Record<string, Substance>> = {
  toluidinium: {
    id: 'toluidinium',
    ...typed('4-Toluidine hydrochloride', 'C7H10ClN', 'Cc1ccc([NH3+])cc1.[Cl-]'),
  },
  toluidine: { id: 'toluidine', name: '4-Toluidine', formula: 'C7H9N', smiles: 'Cc1ccc(N)cc1', groups: { amine: 1 } },
  sulfanilic: {
    id: 'sulfanilic',
    name: 'Sulfanilic acid',
    formula: 'C6H7NO3S',
    smiles: 'Nc1ccc(cc1)S(O)(=O)=O',
    groups: { amine: 1, sulfonicAcid: 1 },
  },
};
const kind = (id: string) => kindOf(own[id] ?? { ...taken(id).substance, id }, 100);

const reaction = (text: string) => ({
  id: 'r',
  name: 'r',
  runs: [],
  terms: text.split('=').flatMap((half, i) =>
    half
      .trim()
      .split(' + ')
      .map((substance) => ({ substance, side: i === 0 ? ('left' as const) : ('right' as const), coefficient: 1 })),
  ),
});

test.each([
  ['sodium-benzoate + hydrogen-chloride = benzoic-acid + sodium-chloride', true],
  ['benzoic-acid + sodium-hydroxide = sodium-benzoate + water', true],
  ['benzoic-acid + sodium-bicarbonate = sodium-benzoate + water + carbon-dioxide', true],
  ['toluidine + hydrogen-chloride = toluidinium', true],
  ['2-naphthol + sodium-hydroxide = sodium-2-naphtholate + water', true],
  // New bonds, with acids, bases and water on both sides all the same.
  ['aniline + sulfuric-acid = sulfanilic + water', false],
  ['aniline + acetic-anhydride = acetanilide + acetic-acid', false],
  ['acetic-acid + ethanol = ethyl-acetate + water', false],
  ['methyl-salicylate + sodium-hydroxide = salicylic-acid + methanol', false],
])('%s', (text, only) => {
  expect(isProtonTransfer(kind, reaction(text))).toBe(only);
});
