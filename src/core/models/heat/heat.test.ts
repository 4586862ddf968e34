import fc from 'fast-check';
import { adiabaticRise, dosingTime } from './reactionHeat';
import { coolingTime, temperatureAfter } from './newtonCooling';
import { equilibriumExtent, firstOrder, secondOrder } from '../kinetics/conversion';

test('after the time of cooling the temperature is the one asked for', () => {
  const flask = { timeConstant_s: 600, from_C: 120, surroundings_C: 20 };
  for (const to of [119, 60, 25]) expect(temperatureAfter(flask, coolingTime(flask, to))).toBeCloseTo(to, 9);
  expect(() => coolingTime(flask, 10)).toThrow('not on the way');
  expect(() => coolingTime(flask, 130)).toThrow('not on the way');
});

test('the oxidation of the ketone preparation would rise by some 70 K if all were added at once', () => {
  const heat = { enthalpy: -270, extent_mol: 0.075, mass_g: 76, heatCapacity: 3.8 };
  expect(adiabaticRise(heat)).toBeCloseTo(70, 0);
  // 25 min at a ceiling of 25 over ice takes 0.54 W/K.
  expect(dosingTime(heat, { removal_W_per_K: 0.54, ceiling_C: 25, bath_C: 0 }) / 60).toBeCloseTo(25, 0);
  expect(() => dosingTime(heat, { removal_W_per_K: 1, ceiling_C: 0, bath_C: 10 })).toThrow('ceiling above the bath');
});

test('the integrated rate laws satisfy their differential equations', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 0.1, noNaN: true }),
      fc.double({ min: 0.1, max: 3, noNaN: true }),
      fc.double({ min: 1, max: 5, noNaN: true }),
      fc.double({ min: 0.5, max: 20, noNaN: true }),
      (k, a0, M, t) => {
        const dt = t * 1e-4;
        const slope = (X: (t: number) => number) => (X(t + dt) - X(t - dt)) / (2 * dt);
        const first = (s: number) => firstOrder(k, s);
        expect(slope(first)).toBeCloseTo(k * (1 - first(t)), 6);
        const second = (s: number) => secondOrder(k, a0, M, s);
        expect(slope(second)).toBeCloseTo(k * a0 * (1 - second(t)) * (M - second(t)), 5);
      },
    ),
  );
});

test('second order with hardly any excess joins the one-to-one law', () => {
  expect(secondOrder(0.01, 1, 1 + 1e-5, 60)).toBeCloseTo(secondOrder(0.01, 1, 1, 60), 5);
});

test('an equilibrium obeys the law of mass action, and excess pushes it', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 100, noNaN: true }),
      fc.double({ min: 1, max: 10, noNaN: true }),
      (K, excess) => {
        const extent = (b: number) =>
          equilibriumExtent(
            [
              { moles: 1, coefficient: -1 },
              { moles: b, coefficient: -1 },
              { moles: 0, coefficient: 1 },
              { moles: 0, coefficient: 1 },
            ],
            K,
          );
        const x = extent(excess);
        expect((x * x) / ((1 - x) * (excess - x)) / K).toBeCloseTo(1, 6);
        expect(extent(excess * 1.1)).toBeGreaterThan(x);
      },
    ),
  );
  // The textbook ester: K = 4, one to one, two thirds.
  const ester = [-1, -1, 1, 1].map((coefficient) => ({ moles: coefficient < 0 ? 1 : 0, coefficient }));
  expect(equilibriumExtent(ester, 4)).toBeCloseTo(2 / 3, 9);
});
