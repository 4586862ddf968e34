import fc from 'fast-check';
import { acetanilide } from '../../../tests/support/preparations';
import { solubilityAt } from './solubilityAt';
import type { Solubility } from '../document/document';

const [water] = acetanilide().substances.find(({ id }) => id === 'acetanilide')?.solubility as [Solubility];
const s = (at_C: number, data = water) => {
  const found = solubilityAt('acetanilide', data, at_C);
  return found.ok ? found.value.q.value : undefined;
};

test('it passes through its points, g per 100 mL as g per mL', () => {
  expect(s(0)).toBeCloseTo(0.0035, 12);
  expect(s(25)).toBeCloseTo(0.0056, 12);
  expect(s(80)).toBeCloseTo(0.0345, 12);
});

test('between two points ln s is linear in 1/T: the slope of the two halves is the same', () => {
  const slope = (a: number, b: number) =>
    Math.log((s(b) as number) / (s(a) as number)) / (1 / (b + 273.15) - 1 / (a + 273.15));
  expect(slope(25, 50)).toBeCloseTo(slope(50, 80), 6);
});

test('nothing is guessed outside the points', () => {
  expect(s(-1)).toBeUndefined();
  expect(s(81)).toBeUndefined();
});

test('warmer dissolves more where the points rise, whatever they are', () => {
  const datum = { source: 'made up', check: 'from memory' } as const;
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 100 }), { minLength: 2, maxLength: 6 }),
      fc.array(fc.integer({ min: 1, max: 50 }), { minLength: 6, maxLength: 6 }),
      fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
      (temperatures, rises, [p, q]) => {
        const sorted = [...temperatures].sort((a, b) => a - b);
        let sum = 0;
        const points = sorted.map((at_C, i) => ({ digits: String((sum += rises[i] ?? 1)), at_C, ...datum }));
        const data = { solvent: 'w', points };
        const [from, to] = [sorted[0] as number, sorted.at(-1) as number];
        const [low, high] = [p, q].sort((a, b) => a - b).map((share) => from + share * (to - from)) as [number, number];
        expect((s(high, data) as number) - (s(low, data) as number)).toBeGreaterThanOrEqual(-1e-12);
      },
    ),
  );
});
