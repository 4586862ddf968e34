import fc from 'fast-check';
import { azeotropeOf, azeotropes } from './azeotropes';
import { steamRatio } from './steamRatio';
import { troutonPressure } from '../vapour/troutonPressure';
import { waterAlong, waterPressure } from './waterAlong';

test('a pair is found in either order, and an isomer that boils elsewhere is not', () => {
  const ethanol = { atoms: { C: 2, H: 6, O: 1 }, boiling_C: 78.3 };
  const water = { atoms: { H: 2, O: 1 }, boiling_C: 100 };
  expect(azeotropeOf(ethanol, water)?.share_a).toBeCloseTo(0.956, 3);
  expect(azeotropeOf(water, ethanol)?.share_a).toBeCloseTo(0.044, 3);
  expect(azeotropeOf({ ...ethanol, boiling_C: -24 }, water)).toBeUndefined();
});

test('every listed pair lies outside or below its partners as its kind does, and no share is one of a pure liquid', () => {
  for (const { a, b, boiling_C, share_a, layers } of azeotropes) {
    expect(share_a).toBeGreaterThan(0.01);
    expect(share_a).toBeLessThan(0.99);
    const [low, high] = [Math.min(a.boiling_C, b.boiling_C), Math.max(a.boiling_C, b.boiling_C)];
    // A minimum lies below both, a maximum above both: nothing between is an azeotrope.
    expect(boiling_C < low + 0.3 || boiling_C > high - 0.3).toBe(true);
    if (layers) expect(boiling_C).toBeLessThan(low);
  }
});

test('listed pairs of two layers agree with the estimate for immiscible liquids, as far as Trouton’s rule goes', () => {
  const layered = azeotropes.filter(
    ({ a, layers, b }) => layers && a.boiling_C === 100 && !('O' in b.atoms) && !('N' in b.atoms),
  );
  expect(layered.length).toBeGreaterThan(5);
  for (const { b, boiling_C } of layered) {
    const T = waterAlong({ ...b, boiling_C: b.boiling_C + 3 }, 100).boiling_C;
    expect(Math.abs(T - boiling_C)).toBeLessThan(6);
  }
});

test('the estimate is Dalton’s law where both pressures make up the atmosphere', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 130, max: 300, noNaN: true }),
      fc.double({ min: 80, max: 250, noNaN: true }),
      (boiling_C, M) => {
        const { perGram, boiling_C: T } = waterAlong({ atoms: { X: 1 }, boiling_C }, M);
        expect(waterPressure(T) + troutonPressure(boiling_C, T)).toBeCloseTo(760, 3);
        expect(perGram * steamRatio(troutonPressure(boiling_C, T), waterPressure(T), M, 18.015)).toBeCloseTo(1, 6);
      },
    ),
  );
});
