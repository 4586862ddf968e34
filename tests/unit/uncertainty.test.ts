import { acetanilideRun } from '@/data/acetanilideRun';
import { benchResults } from '@/core/results/benchResults';
import { stateOfScript } from '../support/demoRun';

/** A seeded generator (mulberry32): the same draws on every machine. */
function draws(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** Standard deviation of a function of readings, each known to lie within half a step of what was read. */
function scatter(readings: readonly number[], step: number, result: (values: readonly number[]) => number): number {
  const draw = draws(20260303);
  const n = 40_000;
  let [sum, squares] = [0, 0];
  for (let i = 0; i < n; i += 1) {
    const value = result(readings.map((reading) => reading + (draw() - 0.5) * step));
    sum += value;
    squares += value * value;
  }
  return Math.sqrt(squares / n - (sum / n) ** 2);
}

const near = (a = NaN, b = NaN) => expect(Math.abs(a / b - 1)).toBeLessThan(0.02);

// The clean run: aniline 24.10 − 22.06, vial 16.48 − 14.32, a 0.01 g balance; 2.56 g tared into the recrystallization.
const results = () => benchResults(stateOfScript(acetanilideRun()));
const yieldOf = ([full = 0, empty = 0, vial = 0, tare = 0]: readonly number[]) =>
  (vial - tare) / (((full - empty) / 93.129) * 135.166);

test('the uncertainty of a mass by difference is what rounding two readings scatters', () => {
  near(
    results().product?.mass?.mass.u,
    scatter([16.48, 14.32], 0.01, ([a = 0, b = 0]) => a - b),
  );
});

test('the uncertainty of a percent yield is what rounding its four readings scatters', () => {
  near(results().product?.percentYield?.u, scatter([24.1, 22.06, 16.48, 14.32], 0.01, yieldOf));
});

test('the uncertainty of a theoretical yield follows the limiting reagent alone', () => {
  near(
    results().theory?.u,
    scatter([24.1, 22.06], 0.01, ([full = 0, empty = 0]) => ((full - empty) / 93.129) * 135.166),
  );
});

test('a percent recovery: a tared reading carries two roundings as well', () => {
  near(
    results().product?.share?.u,
    scatter([16.48, 14.32, 2.56, 0], 0.01, ([vial = 0, tare = 0, read = 0, zero = 0]) => (vial - tare) / (read - zero)),
  );
});

test('a thermometer adds its tolerance, a rectangle, to one rounding', () => {
  const { best } = results().product ?? {};
  // 0.1 °C steps, ± 0.5 °C.
  near(
    best?.onset.u,
    Math.hypot(
      scatter([113.2], 0.1, ([t = 0]) => t),
      scatter([0], 1, ([a = 0]) => a),
    ),
  );
});

test('a net mass on drying holds the rounding of the zero as well', () => {
  const crude = results().stages.find(({ stage }) => stage.id === 'crude');
  near(
    crude?.mass?.mass.u,
    scatter([2.58, 0], 0.01, ([read = 0, zero = 0]) => read - zero),
  );
});
