import fc from 'fast-check';
import { deviceUncertainty, roundToDevice } from './device';
import { figuresOf, roundDecimals, roundFigures, roundToStep } from './decimals';
import { format } from './format';
import { parseAmount } from './parseAmount';
import { fromCanonical, toCanonical, unitsOf } from './units';
import type { Device } from './device';
import type { Dim } from './dims';

const amount = (text: string, dims: readonly Dim[] = ['mass', 'volume', 'amount'], unit?: string) => {
  const result = parseAmount(text, { dims, ...(unit === undefined ? {} : { unit }) });
  return result.ok
    ? `${result.typed.q.value} ${result.typed.q.dim} ${result.typed.digits} ${result.typed.unit}`
    : result.fault;
};

test.each([
  ['6.54', 'g', '6.54 mass 6.54 g'],
  ['250 mg', 'g', '0.25 mass 250 mg'],
  ['0.650', 'g', '0.65 mass 0.650 g'],
  ['.5 mL', 'g', '0.5 volume 0.5 mL'],
  ['5.ml', 'g', '5 volume 5 mL'],
  ['15 mmol', 'g', '0.015 amount 15 mmol'],
  ['+2 g', 'g', '2 mass 2 g'],
])('"%s" in a field of %s', (text, unit, expected) => expect(amount(text, undefined, unit)).toBe(expected));

test.each([
  ['', 'empty'],
  ['two g', 'notANumber'],
  ['1,500 g', 'comma'],
  ['1.2.3 g', 'notANumber'],
  ['6.54', 'missingUnit'],
  ['6.54 furlong', 'unknownUnit'],
  ['6.54 °C', 'wrongKind'],
  ['-2 g', 'negative'],
  ['−2 g', 'negative'],
  ['0 g', 'zero'],
  ['NaN g', 'notANumber'],
  ['Infinity', 'notANumber'],
  ['1e30 g', 'unknownUnit'],
  ['999999999 kg', 'tooLarge'],
  ['0.0000000001 g', 'tooLong'],
  ['1'.repeat(60), 'tooLong'],
])('refuses "%s": %s', (text, fault) => expect(amount(text)).toBe(fault));

test('random text never becomes an amount that is not a positive number', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string({ unit: 'binary' }), fc.stringMatching(/^[-+.,e0-9 gmL]{0,14}$/)), (text) => {
      const result = parseAmount(text, { dims: ['mass'], unit: 'g' });
      return result.ok
        ? result.typed.q.value > 0 && result.typed.q.value <= 1e9 && /^\d/.test(result.typed.digits)
        : result.fault.length > 0;
    }),
    { numRuns: 2000 },
  );
});

test('every unit converts there and back', () => {
  const units = (['mass', 'volume', 'amount', 'time', 'density', 'concentration'] as const).flatMap(unitsOf);
  fc.assert(
    fc.property(
      fc.constantFrom(...units),
      fc.integer({ min: 1, max: 1e6 }),
      (unit, n) => fromCanonical(toCanonical(String(n), unit), unit) === n,
    ),
  );
});

test('rounding is half up on the decimal that was meant, not on its binary neighbour', () => {
  expect([roundDecimals(1.005, 2), roundDecimals(2.675, 2), roundDecimals(0.125, 2), roundDecimals(-0.125, 2)]).toEqual(
    ['1.01', '2.68', '0.13', '-0.13'],
  );
  expect([roundFigures(0.00021996, 3), roundFigures(99.96, 3), roundFigures(1234.5, 2), roundFigures(0, 3)]).toEqual([
    '0.000220',
    '100',
    '1200',
    '0.00',
  ]);
  expect([roundToStep(2.525, '0.05'), roundToStep(7, '5'), roundToStep(0.3, '0.1')]).toEqual(['2.55', '5', '0.3']);
  expect(() => roundDecimals(NaN, 2)).toThrow(RangeError);
  expect(() => roundToStep(1, '0')).toThrow(RangeError);
});

test('figures are those that were keyed', () => {
  expect(['0.650', '6.5', '100', '0.05', '1.50e3', '0'].map(figuresOf)).toEqual([3, 2, 3, 1, 3, 1]);
});

test('format sets a no-break space, a true minus and says nothing about what is not finite', () => {
  expect(format({ dim: 'mass', value: -2.0437 }, 'g', { decimals: 2 })).toBe('−2.04\u00a0g');
  expect(format({ dim: 'fraction', value: 0.2071 }, '%', { figures: 2 })).toBe('21\u00a0%');
  expect(format({ dim: 'number', value: 2 }, '×', { figures: 2 })).toBe('×\u00a02.0');
  expect(format({ dim: 'mass', value: NaN }, 'g')).toBe('—');
});

const balance: Device = {
  id: 'b',
  name: 'balance',
  kind: 'balance',
  unit: 'g',
  step: '0.01',
  graduation: '0.01',
  capacity: '200',
};
const cylinder: Device = {
  id: 'c',
  name: 'cylinder',
  kind: 'cylinder',
  unit: 'mL',
  step: '0.1',
  graduation: '0.2',
  capacity: '10',
  tolerance: '0.1',
};

test('a device shows a multiple of its step, within half a step, and never nothing', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.0001, max: 100, noNaN: true }),
      fc.constantFrom(balance, cylinder),
      (value, device) => {
        const { q, digits } = roundToDevice(value, device);
        const step = Number(device.step);
        expect(Math.abs(q.value / step - Math.round(q.value / step))).toBeLessThan(1e-6);
        expect(q.value).toBeGreaterThan(0);
        if (value > step) expect(Math.abs(q.value - value)).toBeLessThanOrEqual(step / 2 + 1e-9);
        expect(digits.split('.')[1]?.length ?? 0).toBe(device.step.split('.')[1]?.length ?? 0);
      },
    ),
  );
});

test('a tared weighing carries d/√6; a cylinder d/√12 and a/√3 in quadrature', () => {
  expect(deviceUncertainty(balance)).toBeCloseTo(0.01 / Math.sqrt(6), 12);
  expect(deviceUncertainty(cylinder) ** 2).toBeCloseTo(0.1 ** 2 / 12 + 0.1 ** 2 / 3, 12);
});
