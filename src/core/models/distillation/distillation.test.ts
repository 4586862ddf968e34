import fc from 'fast-check';
import { batchDistillation } from './batchDistillation';
import { boilingDiagram } from './binaryPair';
import { bubblePoint } from '../vapour/mixture';
import { cutsOf } from './cutsOf';
import { fenskeStages } from './fenske';
import { liquidOf } from '../../../../tests/support/liquids';
import { rayleighLeft } from './rayleigh';
import { steamRatio } from './steamRatio';
import type { BatchOptions, BatchRun } from './batchDistillation';

const pair = { lighter: liquidOf('cyclohexane', 84.162), heavier: liquidOf('toluene', 92.141) };
const charge = { pair, lighter_mol: 0.2312, heavier_mol: 0.2352 };

/** Two liquids whose pressures stay in one ratio at every temperature: equal B and C. */
function constantVolatility() {
  const antoine = (A: string) => ({ A, B: '1300', C: '220', low_C: 0, high_C: 200, source: 'made up' });
  const liquid = (A: string) => ({ antoine: antoine(A), M: 100, density: 1 });
  return { made: { lighter: liquid('7.2'), heavier: liquid('6.8') }, alpha: 10 ** (7.2 - 6.8) };
}

/** Head temperature at a volume of distillate. */
function headAt({ points }: BatchRun, volume: number): number {
  const i = points.findIndex(({ volume_mL }) => volume_mL >= volume);
  const [before, after] = [points[Math.max(0, i - 1)], points[i]];
  if (!before || !after || i === 0) return after?.head_C ?? NaN;
  const t = (volume - before.volume_mL) / (after.volume_mL - before.volume_mL);
  return before.head_C + t * (after.head_C - before.head_C);
}

test.each([
  ['simple', 1, 0, [92.9, 94.2, 96.1, 97.4, 98.9, 103.4], [0, 45, 3]],
  ['three stages, reflux 3', 3, 3, [85.4, 87.4, 91.8, 95.8, 101.4, 109.8], [0, 35, 13]],
  ['six stages, reflux 5', 6, 5, [81.3, 81.7, 85.6, 98.6, 108.0, 110.6], [19.5, 9.6, 19]],
])('the demo pair, %s: head temperatures and cuts of the published table', (_, stages, reflux, heads, cuts) => {
  const run = batchDistillation({ ...charge, stages, reflux });
  [0, 10, 20, 25, 30, 40].forEach((volume, i) =>
    expect([volume, Math.abs(headAt(run, volume) - (heads[i] ?? NaN)) < 1]).toEqual([volume, true]),
  );
  cutsOf(run, [85, 107]).forEach(({ volume_mL }, i) => expect(Math.abs(volume_mL - (cuts[i] ?? NaN))).toBeLessThan(1));
});

test('every mole is in the distillate, in the pot or on the stages, whichever is named the lighter and however little there is of it', () => {
  const moles = fc.double({ min: -6, max: 0.3, noNaN: true }).map((exponent) => 10 ** exponent);
  fc.assert(
    fc.property(
      fc.constantFrom(charge.pair, { lighter: charge.pair.heavier, heavier: charge.pair.lighter }),
      moles,
      moles,
      fc.integer({ min: 1, max: 10 }),
      fc.double({ min: 0, max: 20, noNaN: true }),
      fc.double({ min: 0, max: 0.01, noNaN: true }),
      (pair, lighter_mol, heavier_mol, stages, reflux, held) => {
        const holdUp_mol = held * (lighter_mol + heavier_mol);
        const options: BatchOptions = { pair, lighter_mol, heavier_mol, stages, reflux, holdUp_mol, points: 40 };
        const { points, left } = batchDistillation(options);
        const end = points.at(-1);
        expect((end?.lighter_mol ?? NaN) + left.lighter_mol).toBeCloseTo(lighter_mol, 9);
        expect((end?.heavier_mol ?? NaN) + left.heavier_mol).toBeCloseTo(heavier_mol, 9);
        const whole = cutsOf({ points, left }, [85, 107]).reduce((sum, one) => sum + one.volume_mL, 0);
        expect(whole).toBeCloseTo(end?.volume_mL ?? NaN, 9);
      },
    ),
    { numRuns: 100 },
  );
});

test('one stage follows Rayleigh at constant volatility', () => {
  const { made, alpha } = constantVolatility();
  const { points } = batchDistillation({
    pair: made,
    lighter_mol: 0.6,
    heavier_mol: 0.4,
    stages: 1,
    points: 400,
    rest: 0.1,
  });
  for (const { pot, volume_mL } of points.slice(1)) {
    const left = 1 - volume_mL / 100;
    expect(Math.abs(rayleighLeft(alpha, 0.6, pot) - left)).toBeLessThan(2e-5);
  }
});

test('at nearly total reflux the head is as many stages away as Fenske says', () => {
  for (const stages of [1, 2, 4, 7]) {
    const { made, alpha } = constantVolatility();
    const [first] = batchDistillation({
      pair: made,
      lighter_mol: 0.2,
      heavier_mol: 0.3,
      stages,
      reflux: 1e6,
      points: 2,
    }).points;
    expect(fenskeStages(first?.drop ?? NaN, first?.pot ?? NaN, alpha)).toBeCloseTo(stages, 4);
  }
});

test('more stages and more reflux make the first half purer', () => {
  const purity = (stages: number, reflux: number) => {
    const { points } = batchDistillation({ ...charge, stages, reflux, points: 60 });
    return points.find(({ volume_mL }) => volume_mL >= 20)?.collected ?? NaN;
  };
  const byStages = [1, 2, 3, 5, 8, 10].map((stages) => purity(stages, 5));
  const byReflux = [0, 1, 2, 5, 10, 30].map((reflux) => purity(4, reflux));
  for (const series of [byStages, byReflux])
    series.slice(1).forEach((value, i) => expect(value).toBeGreaterThan(series[i] ?? NaN));
});

test('the boiling diagram agrees with the general bubble point', () => {
  const { bubble, dew } = boilingDiagram(pair, 748);
  for (const x of [0, 0.01, 0.3, 0.7, 1]) {
    const general = bubblePoint(
      [
        { antoine: pair.lighter.antoine, x },
        { antoine: pair.heavier.antoine, x: 1 - x },
      ],
      748,
    );
    expect(bubble(x).T).toBeCloseTo(general.T, 6);
    expect(dew(bubble(x).y).x).toBeCloseTo(x, 9);
  }
});

test('steam carries a gram of a 5 torr oil of 164 g/mol with some 16 g of water', () => {
  expect(1 / steamRatio(5, 755, 164.2, 18.015)).toBeCloseTo(16.57, 1);
  expect(() => steamRatio(0, 755, 164, 18)).toThrow('p_o must be more than zero');
});

test('a column that holds more than the pot is refused', () => {
  expect(() => batchDistillation({ ...charge, stages: 6, reflux: 5, holdUp_mol: 0.1 })).toThrow('nothing distils');
});
