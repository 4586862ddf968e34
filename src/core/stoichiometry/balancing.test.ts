import fc from 'fast-check';
import { balanceEquation, missingMolecules } from './balancing';
import { parseFormula } from '../compound/parseFormula';
import type { Unbalanced } from './balancing';

const of = (formula: string) => {
  const parsed = parseFormula(formula);
  if (!parsed.ok) throw new Error(formula);
  return parsed.value;
};
const equation = (text: string): readonly Unbalanced[] => {
  const [left = '', right = ''] = text.split('=');
  const side = (part: string, which: 'left' | 'right') =>
    part.split(' + ').map((one): Unbalanced => ({ side: which, composition: of(one.trim()) }));
  return [...side(left, 'left'), ...side(right, 'right')];
};

test.each([
  ['H2 + O2 = H2O', [2, 1, 2]],
  ['C6H7N + C4H6O3 = C8H9NO + C2H4O2', [1, 1, 1, 1]],
  ['C7H6O + C3H6O = C17H14O + H2O', [2, 1, 1, 2]],
  ['KMnO4 + HCl = KCl + MnCl2 + H2O + Cl2', [2, 16, 2, 2, 8, 5]],
  ['MnO4- + Fe^2+ + H+ = Mn^2+ + Fe^3+ + H2O', [1, 5, 8, 1, 5, 4]],
  ['CuSO4·5H2O = CuSO4 + H2O', [1, 1, 5]],
  [
    'K4Fe(CN)6 + KMnO4 + H2SO4 = KHSO4 + Fe2(SO4)3 + MnSO4 + HNO3 + CO2 + H2O',
    [10, 122, 299, 162, 5, 122, 60, 60, 188],
  ],
])('%s', (text, coefficients) => {
  expect(balanceEquation(equation(text))).toEqual({ kind: 'one', coefficients });
});

test('what cannot be balanced, and what is two equations in one, are told apart', () => {
  expect(balanceEquation(equation('C6H7N = C8H9NO'))).toEqual({ kind: 'none' });
  expect(balanceEquation(equation('H2O = H2O + O2'))).toEqual({ kind: 'none' });
  expect(balanceEquation(equation('C + O2 = CO + CO2'))).toEqual({ kind: 'several', independent: 2 });
});

test('any solution agrees to the atom, is whole, and cannot be made smaller', () => {
  const molecule = fc
    .record({ C: fc.nat(8), H: fc.nat(16), O: fc.nat(4), N: fc.nat(2) })
    .filter(({ C, H, O, N }) => C + H + O + N > 0)
    .map((atoms) => ({ atoms, charge: 0 }));
  const members = fc.array(
    fc.record({ side: fc.constantFrom('left' as const, 'right' as const), composition: molecule }),
    { minLength: 2, maxLength: 6 },
  );
  fc.assert(
    fc.property(members, (all) => {
      const found = balanceEquation(all);
      if (found.kind !== 'one') return;
      const { coefficients } = found;
      expect(coefficients.every((one) => Number.isInteger(one) && one > 0)).toBe(true);
      const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));
      expect(coefficients.reduce((a, b) => gcd(a, b))).toBe(1);
      for (const symbol of ['C', 'H', 'O', 'N'] as const) {
        const sum = all.reduce(
          (total, { side, composition }, i) =>
            total + (side === 'left' ? 1 : -1) * (coefficients[i] ?? 0) * composition.atoms[symbol],
          0,
        );
        expect(sum).toBe(0);
      }
    }),
    { numRuns: 400 },
  );
});

test('equations made from known coefficients are found again', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }), (a, b) => {
      // a X + b Y = Z, with Z made of them.
      const members: readonly Unbalanced[] = [
        { side: 'left', composition: { atoms: { C: 1 }, charge: 0 } },
        { side: 'left', composition: { atoms: { H: 2, O: 1 }, charge: 0 } },
        { side: 'right', composition: { atoms: { C: a, H: 2 * b, O: b }, charge: 0 } },
      ];
      expect(balanceEquation(members)).toEqual({ kind: 'one', coefficients: [a, b, 1] });
    }),
  );
});

test('the small molecule that is missing is offered, on its side', () => {
  const small = ['H2O', 'HCl', 'CO2', 'N2', 'C2H4O2'].map((formula) => ({ formula, composition: of(formula) }));
  const offers = (text: string) =>
    missingMolecules(equation(text), small).map(({ molecule, side }) => `${molecule.formula} ${side}`);
  expect(offers('C6H7N + C4H6O3 = C8H9NO')).toContain('C2H4O2 right');
  expect(offers('C2H4O2 + C7H8O = C9H10O2')).toContain('H2O right');
  expect(offers('C9H10O2 = C2H4O2 + C7H8O')).toContain('H2O left');
  expect(offers('C6H7N + C4H6O3 = C8H9NO')).not.toContain('N2 right');
});
