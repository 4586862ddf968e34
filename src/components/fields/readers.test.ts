import { readAmount, readBenches, readCoefficient, readDigits, readFormula, readPercent, readText } from './readers';
import type { FieldReading } from '@/components/fields/useTypedField';

const show = <T>(reading: FieldReading<T>) => (reading.ok ? reading.value : reading.says);

test.each([
  ['1', 1],
  ['0.5', 0.5],
  ['12', 12],
  ['0', '“0” is not a coefficient'],
  ['100', 'is not a coefficient'],
  ['1/2', 'is not a coefficient'],
  ['-1', 'is not a coefficient'],
])('coefficient "%s"', (text, expected) => {
  const shown = show(readCoefficient(text));
  if (typeof expected === 'number') expect(shown).toBe(expected);
  else expect(shown).toContain(expected);
});

test('benches are whole and between 1 and 60', () => {
  expect(['1', '60', ' 8 '].map((text) => show(readBenches(text)))).toEqual([1, 60, 8]);
  for (const text of ['0', '61', '2.5', 'x', '']) expect(show(readBenches(text))).toContain('number of benches');
});

test('a percentage is read with or without its sign, inside its bounds', () => {
  expect([show(readPercent(1, 100)('84')), show(readPercent(1, 100)('84.5 %'))]).toEqual(['84', '84.5']);
  expect(show(readPercent(1, 100)('0'))).toContain('from 1 to 100');
  expect(show(readPercent(0, 100)('0'))).toBe('0');
  expect(show(readPercent(1, 100)('101'))).toContain('from 1 to 100');
});

test('a field of one kind takes its units only, and keeps the digits', () => {
  expect(show(readDigits('density', 'g/mL')('1.020'))).toBe('1.020');
  expect(show(readDigits('density', 'g/mL')('1.02 g'))).toContain('does not fit');
  expect(show(readAmount(['volume'], 'mL')('2.50'))).toMatchObject({ digits: '2.50', unit: 'mL' });
  expect(show(readAmount(['volume'], 'mL')('2 g'))).toContain('does not fit this field');
});

test('an empty formula removes it, a wrong one says why', () => {
  expect(readFormula(' ')).toEqual({ ok: true, value: undefined });
  expect(readFormula('CuSO4·5H2O')).toEqual({ ok: true, value: 'CuSO4·5H2O' });
  expect(show(readFormula('Xy'))).toContain('is no element');
});

test('text is trimmed, bounded, and needed where a name is needed', () => {
  expect(readText(5, true)('  ab ')).toEqual({ ok: true, value: 'ab' });
  expect(show(readText(5, true)(' '))).toBe('Give it a name.');
  expect(readText(5, false)(' ')).toEqual({ ok: true, value: undefined });
  expect(show(readText(5, false)('abcdef'))).toContain('At most 5');
});
