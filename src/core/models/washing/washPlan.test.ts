import fc from 'fast-check';
import { treatments } from './treatments';
import { acidProtons } from '../../reference/groups';
import { washPlan } from './washPlan';
import type { TreatmentId } from './treatments';
import type { Impurity } from './washPlan';

const acid: Impurity = { name: 'acetic acid', groups: { carboxylicAcid: 1 }, mmol: 20, miscible: true };
const amine: Impurity = { name: 'aniline', groups: { amine: 1 }, mmol: 3 };
const phenol: Impurity = { name: '2-naphthol', groups: { phenol: 1 }, mmol: 2 };
const alcohol: Impurity = { name: 'butanol', groups: { alcohol: 1 }, mmol: 10 };
const salt: Impurity = { name: 'sodium iodide', groups: {}, salt: true };
const ids = (plan: ReturnType<typeof washPlan>) => plan.washes.map(({ treatment }) => treatment);

test('base for the acid, acid for the amine, brine last', () => {
  const plan = washPlan({ impurities: [acid, amine, salt], product: { ketone: 1 }, layer_mL: 60 });
  expect(ids(plan)).toEqual(['acid', 'bicarbonate', 'water', 'brine']);
  expect(plan.left).toEqual([]);
});

test('20 mmol of acid give 0.48 L of gas and need 27 mL of a 1.1 M solution', () => {
  const { washes } = washPlan({ impurities: [acid], product: {}, layer_mL: 60 });
  const wash = washes.find(({ treatment }) => treatment === 'bicarbonate');
  expect(wash?.gas_L).toBeCloseTo(0.48, 9);
  expect((wash?.volume_mL ?? 0) * (wash?.times ?? 0)).toBeGreaterThanOrEqual((20 * 1.5) / 1.1 - 1e-9);
});

test('a phenol that is the product is not washed with hydroxide; a phenol beside an ester is left and said', () => {
  expect(ids(washPlan({ impurities: [acid], product: { phenol: 1 }, layer_mL: 30 }))).toEqual(['bicarbonate', 'brine']);
  const plan = washPlan({ impurities: [phenol], product: { ester: 1 }, layer_mL: 30 });
  expect(ids(plan)).toEqual(['brine']);
  expect(plan.left[0]?.why).toContain('the product too');
});

test('carbonate and a calcium salt have water between them', () => {
  const plan = washPlan({ impurities: [acid, alcohol], product: { ester: 1 }, layer_mL: 40 });
  expect(ids(plan)).toEqual(['bicarbonate', 'water', 'calcium', 'brine']);
});

test('whatever is to leave: brine is last, no volume beyond half the layer, nothing clashes, everything is named once', () => {
  const any = fc.array(
    fc.constantFrom(
      acid,
      amine,
      phenol,
      alcohol,
      salt,
      { name: 'bromine', groups: { halogen: 1 }, mmol: 1 },
      { name: 'bleach', groups: { hypochlorite: 1 }, mmol: 4 },
    ),
    { maxLength: 6 },
  );
  const product = fc.constantFrom({}, { ester: 1 }, { amine: 1 }, { carboxylicAcid: 1 }, { ketone: 1 }, { phenol: 1 });
  fc.assert(
    fc.property(any, product, fc.double({ min: 5, max: 500, noNaN: true }), (impurities, groups, layer_mL) => {
      const { washes, left } = washPlan({ impurities, product: groups, layer_mL });
      expect(washes.at(-1)?.treatment).toBe('brine');
      expect(
        washes.every(({ volume_mL }) => volume_mL <= layer_mL / 2 + 1e-9 && volume_mL >= layer_mL / 10 - 1e-9),
      ).toBe(true);
      washes.forEach(({ treatment }, i) => {
        const before: TreatmentId | undefined = washes[i - 1]?.treatment;
        if (before) expect(treatments[treatment].notAfter).not.toContain(before);
      });
      expect([...washes.flatMap(({ removes }) => removes), ...left.map(({ name }) => name)].sort()).toEqual(
        impurities.map(({ name }) => name).sort(),
      );
    }),
  );
});

test.each<[string, Impurity, number]>([
  ['sulfuric acid', { name: 'x', formula: 'H2SO4', groups: { mineralAcid: 1 }, mmol: 10 }, 2],
  ['citric acid', { name: 'x', groups: { alcohol: 1, carboxylicAcid: 3 }, mmol: 10 }, 3],
  ['phosphoric acid', { name: 'x', formula: 'H3PO4', groups: { mineralAcid: 1 }, mmol: 10 }, 2],
  ['acetic anhydride, once water has it', { name: 'x', groups: { anhydride: 1 }, mmol: 10 }, 2],
  ['acetic acid', { name: 'x', groups: { carboxylicAcid: 1 }, mmol: 10 }, 1],
])('%s takes its equivalents of bicarbonate, and gives as much gas', (_, impurity, equivalents) => {
  const { washes } = washPlan({ impurities: [impurity], product: {}, layer_mL: 100 });
  const wash = washes.find(({ treatment }) => treatment === 'bicarbonate');
  expect(wash?.gas_L).toBeCloseTo(equivalents * 0.24, 9);
  expect((wash?.volume_mL ?? 0) * (wash?.times ?? 0)).toBeGreaterThanOrEqual((equivalents * 15) / 1.1 - 1e-9);
});

test('what is no acid to carbonate counts for none: bisulfate does, boric acid, ammonium and phenol do not', () => {
  expect([
    acidProtons('NaHSO4', {}),
    acidProtons('H3BO3', {}),
    acidProtons('NH4Cl', {}),
    acidProtons('C6H6O', { phenol: 1 }),
  ]).toEqual([1, 0, 0, 0]);
});
