import fc from 'fast-check';
import { describeImbalance, imbalance } from './balance';
import { parseFormula } from '../compound/parseFormula';

/** "2 H2 + O2 -> 2 H2O" as balance terms. */
function terms(equation: string) {
  const [left = '', right = ''] = equation.split('->');
  const side = (text: string, which: 'left' | 'right') =>
    text.split(' + ').map((term) => {
      const [, digits = '', formula = ''] = /^(\d*\.?\d*) ?(.+)$/.exec(term.trim()) ?? [];
      const parsed = parseFormula(formula);
      if (!parsed.ok) throw new Error(parsed.why);
      return { side: which, coefficient: digits === '' ? 1 : Number(digits), composition: parsed.value };
    });
  return [...side(left, 'left'), ...side(right, 'right')];
}

test.each([
  '2 H2 + O2 -> 2 H2O',
  'H2 + 0.5 O2 -> H2O',
  '2 C7H6O + C3H6O -> C17H14O + 2 H2O',
  'C6H7N + C4H6O3 -> C8H9NO + C2H4O2',
  'C6H10O2 + C6H7N -> C12H13N + 2 H2O',
  'C7H14O + ClO^- -> C7H12O + Cl^- + H2O',
  'MnO4^- + 5 Fe^2+ + 8 H^+ -> Mn^2+ + 5 Fe^3+ + 4 H2O',
  '2 Cu^2+ + 4 I^- -> 2 CuI + I2',
])('balanced: %s', (equation) => expect(imbalance(terms(equation))).toEqual({}));

test.each([
  ['H2 + O2 -> H2O', 'The left has 1 O more'],
  ['C7H6O + C3H6O -> C17H14O + 2 H2O', 'The right has 7 C, 6 H and 1 O more'],
  ['Fe^2+ -> Fe^3+', 'The right has 1 positive charge more'],
  ['N2 + H2 -> NH3', 'The left has 1 N more, the right has 1 H more'],
])('%s: %s', (equation, words) => expect(describeImbalance(imbalance(terms(equation)))).toBe(words));

test('turning an equation around turns the difference around; multiplying it multiplies the difference', () => {
  const equation = terms('C7H6O + C3H6O -> C17H14O + 2 H2O');
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40 }), (k) => {
      const difference = imbalance(equation);
      const turned = imbalance(
        equation.map((term) => ({ ...term, side: term.side === 'left' ? ('right' as const) : ('left' as const) })),
      );
      const scaled = imbalance(equation.map((term) => ({ ...term, coefficient: term.coefficient * k })));
      for (const [symbol, count] of Object.entries(difference)) {
        expect(turned[symbol]).toBeCloseTo(-count, 9);
        expect(scaled[symbol]).toBeCloseTo(count * k, 6);
      }
    }),
  );
});
