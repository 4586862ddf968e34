import fc from 'fast-check';
import { boilingTemperature, vapourPressure } from './antoine';
import { bubblePoint, dewPoint, relativeVolatility } from './mixture';
import { atPressure, pressureConstants, toStandardPressure } from '../distillation/pressureCorrection';
import { antoineOf, liquids } from '../../../../tests/support/liquids';

const [cyclohexane, toluene] = [antoineOf('cyclohexane'), antoineOf('toluene')];

test('the vapour over a bubble point, taken as a vapour, has its dew point there and gives the liquid back', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 0.999, noNaN: true }),
      fc.double({ min: 500, max: 900, noNaN: true }),
      (x, p) => {
        const bubble = bubblePoint(
          [
            { antoine: cyclohexane, x },
            { antoine: toluene, x: 1 - x },
          ],
          p,
        );
        const [y = NaN] = bubble.other;
        const dew = dewPoint(
          [
            { antoine: cyclohexane, x: y },
            { antoine: toluene, x: 1 - y },
          ],
          p,
        );
        expect(dew.T).toBeCloseTo(bubble.T, 6);
        expect(dew.other[0]).toBeCloseTo(x, 6);
        // The definition of relative volatility.
        expect((y * (1 - x)) / (x * (1 - y))).toBeCloseTo(relativeVolatility(cyclohexane, toluene, bubble.T), 6);
      },
    ),
  );
});

test('a pure liquid is the end of both lines', () => {
  expect(bubblePoint([{ antoine: toluene, x: 1 }]).T).toBeCloseTo(boilingTemperature(toluene), 5);
  expect(
    dewPoint([
      { antoine: toluene, x: 1 },
      { antoine: cyclohexane, x: 0 },
    ]).T,
  ).toBeCloseTo(boilingTemperature(toluene), 5);
  expect(() => bubblePoint([{ antoine: toluene, x: 0.5 }])).toThrow('add up to 1');
});

test('volatility of the demo pair falls from 2.54 at 81 °C to 2.27 at 111 °C', () => {
  expect(relativeVolatility(cyclohexane, toluene, 81)).toBeCloseTo(2.54, 1);
  expect(relativeVolatility(cyclohexane, toluene, 111)).toBeCloseTo(2.27, 1);
});

test.each(liquids())(
  'the pressure rule agrees with Antoine within 0.3 K over 700 to 800 torr: %s',
  (id, antoine, kind) => {
    const K = pressureConstants[kind];
    const t760 = boilingTemperature(antoine, 760);
    for (let p = 700; p <= 800; p += 5) {
      expect([id, p, Math.abs(atPressure(t760, p, K) - boilingTemperature(antoine, p)) < 0.3]).toEqual([id, p, true]);
      expect(toStandardPressure(atPressure(t760, p, K), p, K)).toBeCloseTo(t760, 1);
    }
    expect(vapourPressure(antoine, t760)).toBeCloseTo(760, 6);
  },
);
