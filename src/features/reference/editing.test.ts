import fc from 'fast-check';
import { idFrom, readValue, typedValue } from './editing';

test('values are read as they are typed', () => {
  expect(
    ['113 to 115', '113–115', '1.022 @ 20', '1.022@20 °C', '−6', 'miscible', ' ', '-97 to -95 @ 25'].map(readValue),
  ).toEqual([
    { digits: '113', high: '115' },
    { digits: '113', high: '115' },
    { digits: '1.022', at_C: 20 },
    { digits: '1.022', at_C: 20 },
    { digits: '-6' },
    { digits: 'miscible' },
    undefined,
    { digits: '-97', high: '-95', at_C: 25 },
  ]);
});

test('what is shown is read back to the same', () => {
  const numeral = fc.integer({ min: -99999, max: 99999 }).map((n) => (n / 100).toFixed(2));
  fc.assert(
    fc.property(numeral, fc.option(numeral), fc.option(fc.integer({ min: -80, max: 300 })), (digits, high, at) => {
      const value = { digits, ...(high === null ? {} : { high }), ...(at === null ? {} : { at_C: at }) };
      expect(readValue(typedValue(value))).toEqual(value);
    }),
  );
});

test('an id is made of any name', () => {
  expect(['Heptan-4-one', 'β-Caryophyllène ', '2,4-DNP (wet)', '???'].map(idFrom)).toEqual([
    'heptan-4-one',
    'caryophyllene',
    '2-4-dnp-wet',
    'entry',
  ]);
  fc.assert(fc.property(fc.string(), (name) => expect(idFrom(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,39}$/)));
});
