import fc from 'fast-check';
import { enteredText, parseEntered } from './parseEntered';
import { acetanilide, dienone } from '../../../tests/support/preparations';
import type { Entered } from '../document/document';

const mass: Entered = { by: 'mass', digits: '1.00', unit: 'g' };
const read = (text: string, before: Entered = mass, role: 'reactant' | 'aid' = 'reactant') => {
  const result = parseEntered(text, { entered: before, role });
  return result.ok ? result.value : result.says;
};

test.each<[string, Entered]>([
  ['2.50 mL', { by: 'volume', digits: '2.50', unit: 'mL' }],
  ['250 mg', { by: 'mass', digits: '250', unit: 'mg' }],
  ['2.5', { by: 'mass', digits: '2.5', unit: 'g' }],
  ['15.0 mmol', { by: 'amount', digits: '15.0', unit: 'mmol' }],
  ['1.05 equiv', { by: 'equivalents', digits: '1.05' }],
  ['1.05 eq', { by: 'equivalents', digits: '1.05' }],
  ['5 mol %', { by: 'molPercent', digits: '5' }],
  ['20 mL/g', { by: 'perMass', digits: '20', of: 'product' }],
  ['20–25 mL', { by: 'volume', digits: '20', unit: 'mL', high: '25' }],
  ['2.0 to 2.5 g', { by: 'mass', digits: '2.0', unit: 'g', high: '2.5' }],
])('"%s"', (text, expected) => expect(read(text)).toEqual(expected));

test('what is relative to a mass keeps what it is relative to', () => {
  const before: Entered = { by: 'perMass', digits: '24', of: 'aniline', percent: '84' };
  expect(read('20 mL/g', before)).toEqual({ ...before, digits: '20' });
});

test.each([
  ['1.2', { by: 'equivalents', digits: '1' } as Entered, 'has no unit'],
  ['50 %', mass, 'is no amount'],
  ['3 ×', mass, 'is no amount'],
  ['80 °C', mass, 'does not fit'],
  ['-1 g', mass, 'more than zero'],
  ['a few', mass, 'is not a number'],
  ['25–20 mL', mass, 'smaller end'],
  ['1–2 equiv', mass, 'one of g, mL or mmol'],
  ['70 %', mass, 'is no amount'],
])('refuses "%s" in words', (text, before, reason) => expect(read(text, before)).toContain(reason));

test('an aid may be counted in words, a reactant may not', () => {
  expect(read('a few', mass, 'aid')).toEqual({ by: 'words', text: 'a few' });
  expect(read('2 or 3', mass, 'aid')).toEqual({ by: 'words', text: '2 or 3' });
  expect(read('0.1 g', mass, 'aid')).toEqual({ by: 'mass', digits: '0.1', unit: 'g' });
});

test('the text of an amount reads back as the same amount', () => {
  for (const { entered, role } of [...acetanilide().lines, ...dienone().lines]) {
    expect(parseEntered(enteredText(entered), { entered, role })).toEqual({ ok: true, value: entered });
  }
});

test('no text makes it throw', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (text) => {
      const result = parseEntered(text, { entered: mass, role: 'aid' });
      return result.ok ? enteredText(result.value).length > 0 : result.says.length > 0;
    }),
  );
});

test('of what is taken from a stage a per cent is an amount, and reads back', () => {
  const supplied = { entered: mass, role: 'reactant', supplied: true } as const;
  expect(parseEntered('70 %', supplied)).toEqual({ ok: true, value: { by: 'expected', percent: '70' } });
  expect(parseEntered(enteredText({ by: 'expected', percent: '62.5' }), supplied)).toMatchObject({
    value: { percent: '62.5' },
  });
  expect(parseEntered('130 %', supplied)).toMatchObject({ ok: false });
});
