import fc from 'fast-check';
import { atomicWeights } from './atomicWeights';
import { formulaParts } from './formulaParts';
import { parseFormula } from './parseFormula';

const read = (formula: string) => {
  const result = parseFormula(formula);
  return result.ok ? result.value : result.why;
};

test.each([
  ['[Fe(CN)6]4-', { Fe: 1, C: 6, N: 6 }, -4],
  ['[Fe(CN)6]^3-', { Fe: 1, C: 6, N: 6 }, -3],
  ['NH4+', { N: 1, H: 4 }, 1],
  ['Ca^2+', { Ca: 1 }, 2],
  ['SO₄²⁻', { S: 1, O: 4 }, -2],
  ['Na⁺', { Na: 1 }, 1],
  ['CaSO4·½H2O', { Ca: 1, S: 1, O: 4.5, H: 1 }, 0],
  ['{[Co(NH3)5Cl]}2', { Co: 2, N: 10, H: 30, Cl: 2 }, 0],
])('%s', (formula, atoms, charge) => expect(read(formula)).toEqual({ atoms, charge }));

test.each([
  ['', 'empty'],
  ['Xx2', 'Xx'],
  ['C6H6(', 'bracket'],
  ['(C6H6]', 'bracket'],
  ['C6H6)', 'bracket'],
  ['()2', 'empty bracket'],
  ['2', 'one side of a dot'],
  ['C0', 'zero times'],
  ['(2)', 'where no atom'],
  ['c6h6', 'cannot be read'],
  ['CuSO4··5H2O', 'one side of a dot'],
  ['Ca2+', 'ambiguous'],
  ['SO42-', 'ambiguous'],
  ['C'.repeat(300), 'too long'],
])('refuses “%s” and says why', (formula, reason) => expect(read(formula)).toContain(reason));

test('any text is either read or refused in words', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (text) => {
      const result = parseFormula(text);
      return result.ok ? Object.values(result.value.atoms).every((count) => count > 0) : result.why.length > 0;
    }),
  );
});

test('atoms come back from a formula written out of them, in brackets with a multiplier too', () => {
  const atoms = fc.dictionary(fc.constantFrom(...Object.keys(atomicWeights)), fc.integer({ min: 1, max: 40 }), {
    minKeys: 1,
    maxKeys: 6,
  });
  fc.assert(
    fc.property(atoms, fc.integer({ min: 2, max: 9 }), (counts, times) => {
      const body = Object.entries(counts)
        .map(([symbol, count]) => symbol + count)
        .join('');
      expect(read(body)).toEqual({ atoms: { ...counts }, charge: 0 });
      const bracketed = read(`(${body})${times}`);
      expect(bracketed).toEqual({
        atoms: Object.fromEntries(Object.entries(counts).map(([symbol, count]) => [symbol, count * times])),
        charge: 0,
      });
    }),
  );
});

test('printing parts keep every character of the formula', () => {
  const joined = formulaParts('K4[Fe(CN)6]·3H2O');
  expect(joined.map(({ text }) => text).join('')).toBe('K4[Fe(CN)6]·3H2O');
  expect(joined.filter(({ place }) => place === 'sub').map(({ text }) => text)).toEqual(['4', '6', '2']);
});
