import { molarMass } from './molarMass';

// Worked out by hand from the abridged atomic weights (sum of count × weight), rounded to 0.01 g/mol.
const byHand: readonly (readonly [string, number])[] = [
  ['H2O', 18.02],
  ['NaCl', 58.44],
  ['NaOH', 40.0],
  ['HCl', 36.46],
  ['H2SO4', 98.07],
  ['HNO3', 63.01],
  ['CH4O', 32.04],
  ['C2H6O', 46.07],
  ['C3H6O', 58.08],
  ['C6H7N', 93.13],
  ['C4H6O3', 102.09],
  ['C8H9NO', 135.17],
  ['C2H4O2', 60.05],
  ['C7H14O', 114.19],
  ['C7H12O', 112.17],
  ['NaOCl', 74.44],
  ['C6H10O2', 114.14],
  ['C12H13N', 171.24],
  ['C9H8O2', 148.16],
  ['C9H11NO2', 165.19],
  ['C13H10', 166.22],
  ['C6H12', 84.16],
  ['C7H8', 92.14],
  ['C10H12O2', 164.2],
  ['C10H8O', 144.17],
  ['C2H5I', 155.96],
  ['C12H12O', 172.23],
  ['NaHCO3', 84.01],
  ['Na2CO3', 105.99],
  ['K2CO3', 138.2],
  ['MgSO4', 120.36],
  ['Na2SO4', 142.04],
  ['CaCl2·2H2O', 147.01],
  ['CuSO4·5H2O', 249.68],
  ['MgSO4·7H2O', 246.47],
  ['Na2CO3·10H2O', 286.14],
  ['(NH4)2SO4', 132.13],
  ['Ca(OH)2', 74.09],
  ['K4[Fe(CN)6]·3H2O', 422.39],
  ['Al2(SO4)3·18H2O', 666.4],
  ['CaSO4·0.5H2O', 145.14],
  ['C17H14O', 234.3],
  ['KMnO4', 158.03],
  ['AgNO3', 169.87],
  ['D2O', 20.03],
];

test.each(byHand)('%s weighs %d g/mol', (formula, expected) => {
  const result = molarMass(formula);
  expect(result.ok && Math.abs(result.value.q.value - expected)).toBeLessThan(0.0051);
});

test('writing the same formula in another way does not change its mass', () => {
  const ways = ['CuSO4·5H2O', 'CuSO4*5H2O', 'CuSO₄·5H₂O', 'Cu(SO4)(H2O)5', 'H10O9SCu', ' Cu S O4 • 5 H2O'];
  const masses = ways.map((way) => {
    const result = molarMass(way);
    return result.ok ? result.value.q.value.toFixed(9) : result.why;
  });
  expect(new Set(masses).size).toBe(1);
});

test('a charge weighs nothing, and no atoms are no molar mass', () => {
  const [ion, neutral] = [molarMass('SO4^2-'), molarMass('SO4')];
  expect(ion.ok && neutral.ok && ion.value.q.value === neutral.value.q.value).toBe(true);
  expect(molarMass('').ok).toBe(false);
});
