import fc from 'fast-check';
import { clearPoint, eutectic, impurityFromClearPoint, meltingOnset } from './meltingPoint';

const R = 8.314462618;
const solid = fc.record({
  T_m: fc.double({ min: 20, max: 250, noNaN: true }),
  fusion: fc.double({ min: 5, max: 40, noNaN: true }),
});

test("in a dilute melt the depression is van 't Hoff's, x·R·T²/ΔH", () => {
  fc.assert(
    fc.property(solid, (a) => {
      const x = 1e-5;
      const depression = (x * R * (a.T_m + 273.15) ** 2) / (a.fusion * 1000);
      expect((a.T_m - clearPoint(a, x)) / depression).toBeCloseTo(1, 3);
    }),
  );
});

test('the impurity found from a clear point is the one that made it', () => {
  fc.assert(
    fc.property(solid, fc.double({ min: 1e-9, max: 0.6, noNaN: true }), (a, x) =>
      expect(impurityFromClearPoint(a, clearPoint(a, x))).toBeCloseTo(x, 9),
    ),
  );
  expect(() => impurityFromClearPoint({ T_m: 114, fusion: 21 }, 116)).toThrow('clear point must lie in');
});

test('more impurity melts lower; first liquid comes before the last crystal and not below the eutectic', () => {
  fc.assert(
    fc.property(solid, solid, fc.double({ min: 0.001, max: 0.5, noNaN: true }), (a, b, x) => {
      const lowest = eutectic(a, b);
      expect(clearPoint(a, x * 0.9)).toBeGreaterThan(clearPoint(a, x));
      if (x >= lowest.x) return;
      const onset = meltingOnset(a, x, { lowest });
      expect(onset).toBeLessThanOrEqual(clearPoint(a, x) + 1e-9);
      expect(onset).toBeGreaterThanOrEqual(lowest.T - 1e-6);
    }),
  );
});

test('both liquidus lines meet at the eutectic', () => {
  fc.assert(
    fc.property(solid, solid, (a, b) => {
      const { T, x } = eutectic(a, b);
      expect(clearPoint(b, 1 - x)).toBeCloseTo(T, 4);
      expect(T).toBeLessThanOrEqual(Math.min(a.T_m, b.T_m) + 1e-6);
    }),
  );
});
