import { computePlan } from '../plan/plan';
import { factsOf } from '../plan/facts';
import { kindsOf } from './madeKinds';
import { shakeTogether } from './layers';
import { Worktop } from './worktop';
import { smallPreparation } from '../../../tests/support/preparations';
import { taken } from '../../../tests/support/library';
import type { Preparation, Substance } from '../document/document';
import type { Step } from '../document/steps';

const step: Step = { id: 'test', op: 'charge', opVersion: 1, params: {}, time: { typical_min: 1, attended: true } };
const base = smallPreparation([{ formula: 'C7H8', coefficient: 1, entered: { by: 'mass', digits: '1', unit: 'g' } }], {
  formula: 'C7H8',
  coefficient: 1,
});

/** A bench on which some substances stand: of the library by their ids, or written down. */
function bench(...all: readonly (string | Substance)[]) {
  const substances = all.map((one) => (typeof one === 'string' ? taken(one).substance : one));
  const doc: Preparation = { ...base, substances: [...base.substances, ...substances] };
  const facts = factsOf(doc);
  const world = { plan: computePlan(doc), facts, kind: kindsOf(facts), scenario: {}, means: () => ({}) };
  const work = new Worktop(world, { step, runs: [] }, { shelf: {}, product: 'flask' });
  const M = (id: string) => world.kind(id).M ?? NaN;
  /** Shakes millimoles with 15 mL of water and 15 mL of ether. */
  const shaken = (mmol: Readonly<Record<string, number>>, water = 15, ether = 15) => {
    const grams = Object.fromEntries(Object.entries(mmol).map(([id, n]) => [id, (n * M(id)) / 1000]));
    const layers = shakeTogether(work, {
      ...grams,
      water: water * 0.998,
      ...(ether > 0 ? { 'diethyl-ether': ether * 0.714 } : {}),
    });
    const share = (id: string) => (layers.organic[id] ?? 0) / ((layers.organic[id] ?? 0) + (layers.aqueous[id] ?? 0));
    const gas_L = ((layers.gas['carbon-dioxide~'] ?? 0) / 44.009) * 24;
    return { ...layers, share, gas_L };
  };
  return { work, shaken };
}

const own = (id: string, formula: string, more: Partial<Substance> = {}): Substance => ({
  id,
  name: id,
  formula,
  ...more,
});
const liquids = ['water', 'diethyl-ether'] as const;

test.each<[string, Substance | string, number]>([
  ['ammonium chloride', 'ammonium-chloride', 0.999],
  ['silver nitrate', 'silver-nitrate', 0.999],
  ['toluenesulfonic acid', 'tosic-acid-monohydrate', 0.999],
  ['anilinium chloride', own('salt', 'C6H8ClN', { smiles: '[Cl-].[NH3+]c1ccccc1' }), 0.96],
  ['quenched aluminium', own('salt', 'AlCl3'), 0.999],
  ['a quaternary ammonium bromide', own('salt', 'C16H36BrN', { smiles: '[Br-].CCCC[N+](CCCC)(CCCC)CCCC' }), 0.999],
  ['citric acid', 'citric-acid', 0.99],
  ['sodium acetate', own('salt', 'C2H3NaO2', { smiles: '[Na+].CC([O-])=O' }), 0.99],
])('%s stays in the water', (_, salt, least) => {
  const id = typeof salt === 'string' ? salt : salt.id;
  expect(
    1 -
      bench(salt, ...liquids)
        .shaken({ [id]: 5 })
        .share(id),
  ).toBeGreaterThan(least);
});

test('three equivalents of alkali turn aluminium into its hydroxide near neutral', () => {
  const { shaken } = bench(own('aluminium', 'AlCl3'), 'sodium-hydroxide', ...liquids);
  expect(shaken({ aluminium: 5 }).pH).toBeLessThan(4);
  expect(shaken({ aluminium: 5, 'sodium-hydroxide': 12 }).pH).toBeLessThan(6);
  expect(shaken({ aluminium: 5, 'sodium-hydroxide': 15.5 }).pH).toBeGreaterThan(9);
});

test('a sulfonic acid and bicarbonate give the salt and a mole of gas', () => {
  const { shaken } = bench('tosic-acid-monohydrate', 'sodium-bicarbonate', ...liquids);
  const { gas_L, share } = shaken({ 'tosic-acid-monohydrate': 10, 'sodium-bicarbonate': 10 }, 30);
  expect(gas_L).toBeGreaterThan(0.21);
  expect(gas_L).toBeLessThanOrEqual(0.24);
  expect(share('tosic-acid-monohydrate')).toBeLessThan(1e-3);
});

test('salts of acids and amines are set free by the other: benzoic acid and benzylamine go to the ether', () => {
  const benzoate = own('benzoate', 'C7H5NaO2', {
    smiles: '[Na+].[O-]C(=O)c1ccccc1',
    logP: { digits: '1.87', source: 's', check: 'from memory' },
  });
  const freed = bench(benzoate, 'hydrogen-chloride', ...liquids);
  expect(freed.shaken({ benzoate: 5 }).share('benzoate')).toBeLessThan(0.01);
  expect(freed.shaken({ benzoate: 5, 'hydrogen-chloride': 10 }).share('benzoate')).toBeGreaterThan(0.95);
  const amine = own('amine', 'C7H10ClN', {
    smiles: '[Cl-].[NH3+]Cc1ccccc1',
    logP: { digits: '1.1', source: 's', check: 'from memory' },
  });
  const set = bench(amine, 'sodium-hydroxide', ...liquids);
  expect(set.shaken({ amine: 5 }).share('amine')).toBeLessThan(0.01);
  expect(set.shaken({ amine: 5, 'sodium-hydroxide': 10 }).share('amine')).toBeGreaterThan(0.5);
});

test('sulfanilamide goes into acid and into alkali, and into the ether at best between them', () => {
  const { shaken } = bench('sulfanilamide', 'hydrogen-chloride', 'sodium-hydroxide', ...liquids);
  const neutral = shaken({ sulfanilamide: 5 }).share('sulfanilamide');
  expect(shaken({ sulfanilamide: 5, 'hydrogen-chloride': 15 }).share('sulfanilamide')).toBeLessThan(neutral / 5);
  expect(shaken({ sulfanilamide: 5, 'sodium-hydroxide': 15 }).share('sulfanilamide')).toBeLessThan(neutral / 50);
});

test('in beakers: phosphoric acid, its first salt, a buffer', () => {
  const { shaken } = bench(
    'phosphoric-acid',
    'sodium-hydroxide',
    'hydrogen-chloride',
    own('acetate', 'C2H3NaO2', {
      smiles: '[Na+].CC([O-])=O',
      pKa: [{ digits: '4.76', source: 's', check: 'from memory' }],
    }),
    'water',
  );
  expect(shaken({ 'phosphoric-acid': 10 }, 100, 0).pH).toBeCloseTo(1.63, 1);
  expect(shaken({ 'phosphoric-acid': 10, 'sodium-hydroxide': 10 }, 100, 0).pH).toBeCloseTo(4.7, 1);
  expect(shaken({ acetate: 10, 'hydrogen-chloride': 5 }, 100, 0).pH).toBeCloseTo(4.76, 1);
});

test.each(['NaHCO3', 'Na2CO3', 'K2CO3', 'KHCO3', 'Cs2CO3'])('%s that has lost its gas keeps its cations', (formula) => {
  const { work, shaken } = bench(own('salt', formula), 'hydrogen-chloride', 'water');
  const once = shaken({ salt: 10, 'hydrogen-chloride': 8 }, 30, 0);
  const { gas: _gas, pH, organic: _organic, aqueous } = once;
  const again = shakeTogether(work, { ...aqueous, water: (aqueous['water'] ?? 0) + 1 });
  // The gas that the little more water could hold again is what it is: dilution.
  expect(Math.abs(again.pH - pH)).toBeLessThan(0.03);
});

test('without a constant or a log P a guess is named, and wide', () => {
  const unknown = own('x', 'C9H10O2', { smiles: 'Cc1ccc(CC(=O)O)cc1', groups: { carboxylicAcid: 1 } });
  const { work, shaken } = bench(unknown, ...liquids);
  shaken({ x: 5 });
  const named = work.after().assumptions;
  const logP = named.find(({ key }) => key === 'logP/x');
  const pKa = named.find(({ key }) => key === 'pKa/x');
  expect((logP?.high ?? 0) - (logP?.low ?? 0)).toBeGreaterThanOrEqual(2.9);
  expect(pKa?.why).toContain('carboxylic acid');
});

test('a hydrocarbon takes an acid the better the more there is of it, an ether does not care', () => {
  const acid = own('acid', 'C7H6O2', {
    smiles: 'OC(=O)c1ccccc1',
    groups: { carboxylicAcid: 1 },
    logP: { digits: '1.87', source: 's', check: 'from memory' },
  });
  const { work } = bench(acid, 'cyclohexane', 'hydrogen-chloride', ...liquids);
  const share = (solvent: string, grams: number, density: number) => {
    const { organic } = shakeTogether(work, {
      acid: grams,
      'hydrogen-chloride': 0.2,
      water: 15,
      [solvent]: 15 * density,
    });
    return (organic['acid'] ?? 0) / grams;
  };
  expect(share('cyclohexane', 0.05, 0.779)).toBeGreaterThan(1.3 * share('cyclohexane', 0.002, 0.779));
  expect(share('diethyl-ether', 0.05, 0.714)).toBeCloseTo(share('diethyl-ether', 0.002, 0.714), 2);
});
