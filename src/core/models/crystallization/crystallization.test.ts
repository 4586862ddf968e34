import { idealSolubility } from './idealSolubility';
import fc from 'fast-check';
import { solubilityBetween } from './solubilityBetween';
import { recrystallize } from './recrystallize';

test('between its points a solubility is the line of ln s against 1/T, at them the point itself, outside nothing', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 1, noNaN: true }),
      fc.double({ min: 1.01, max: 50, noNaN: true }),
      fc.double({ min: 5, max: 80, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (s, ratio, span, share) => {
        const points = [
          { T: 5 + span, s: s * ratio },
          { T: 5, s },
        ];
        const T = 5 + span * share;
        // The same line written as ln s = A + B/T.
        const inverse = (at: number) => 1 / (at + 273.15);
        const B = Math.log(ratio) / (inverse(5 + span) - inverse(5));
        expect(solubilityBetween(points, T)).toBeCloseTo(s * Math.exp(B * (inverse(T) - inverse(5))), 9);
        expect(() => solubilityBetween(points, 5 + span + 0.1)).toThrow('no solubility is known');
        expect(() => solubilityBetween(points, 4.9)).toThrow('reach from 5');
      },
    ),
  );
  expect(() => solubilityBetween([{ T: 20, s: 1 }], 20)).toThrow('two temperatures');
  expect(() =>
    solubilityBetween(
      [
        { T: 20, s: 1 },
        { T: 30, s: 0 },
      ],
      25,
    ),
  ).toThrow('more than zero, not 0');
  expect(() =>
    solubilityBetween(
      [
        { T: 20, s: 1 },
        { T: 30, s: 2 },
      ],
      NaN,
    ),
  ).toThrow('NaN');
});

const amounts = fc.record({
  mass_g: fc.double({ min: 0.1, max: 20, noNaN: true }),
  hot: fc.double({ min: 0.02, max: 0.5, noNaN: true }),
  cold: fc.double({ min: 0.0001, max: 0.01, noNaN: true }),
  volume_mL: fc.double({ min: 1, max: 500, noNaN: true }),
  rinse_mL: fc.double({ min: 0, max: 20, noNaN: true }),
});

test('what goes in is in the crystals, the liquor, the rinse, the filter or the second crop', () => {
  fc.assert(
    fc.property(amounts, (given) => {
      const filter_g = given.mass_g * 0.02;
      const result = recrystallize({ ...given, filter_g, secondVolume_mL: given.volume_mL / 3 });
      const all = result.crystals_g + result.liquor_g + result.rinsed_g + result.filter_g + result.second_g;
      expect(all).toBeCloseTo(given.mass_g, 9);
      expect(Math.min(...Object.values(result).slice(2, 8))).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('without rinse and filter the recovery is the closed form of the excess', () => {
  fc.assert(
    fc.property(amounts, (given) => {
      const { recovery, excess } = recrystallize({ ...given, rinse_mL: 0 });
      expect(recovery).toBeCloseTo(Math.max(0, 1 - ((1 + excess) * given.cold) / given.hot), 9);
    }),
  );
});

test('a colder liquor and less solvent give more', () => {
  const base = { mass_g: 2.5, hot: 0.05, cold: 0.0035, volume_mL: 55 };
  expect(recrystallize({ ...base, cold: 0.002 }).crystals_g).toBeGreaterThan(recrystallize(base).crystals_g);
  expect(recrystallize({ ...base, volume_mL: 150 }).liquor_g).toBeCloseTo(0.525, 9);
  expect(recrystallize({ ...base, volume_mL: 30 }).undissolved_g).toBeCloseTo(1, 9);
});

test('a companion stays dissolved while the liquor can hold it', () => {
  const base = { mass_g: 2.5, hot: 0.05, cold: 0.0035, volume_mL: 50 };
  expect(recrystallize({ ...base, impurity: { mass_g: 0.1, cold: 0.004 } }).impurity_g).toBe(0);
  expect(recrystallize({ ...base, impurity: { mass_g: 0.3, cold: 0.004 } }).impurity_g).toBeCloseTo(0.1, 9);
});

test('ideal solubility: that of naphthalene in benzene at 25 °C, 1 at the melting point, and rising with temperature', () => {
  // Measured mole fraction 0.295 (handbook); naphthalene melts at 80.3 °C.
  expect(Math.abs(idealSolubility(80.3, 25) - 0.295)).toBeLessThan(0.02);
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 400, noNaN: true }),
      fc.double({ min: -50, max: 200, noNaN: true }),
      (T_m, T) => {
        const x = idealSolubility(T_m, T);
        expect(x).toBeLessThanOrEqual(idealSolubility(T_m, T + 1));
        expect(x).toBeGreaterThanOrEqual(idealSolubility(T_m + 1, T));
        if (T >= T_m) expect(x).toBe(1);
        if (T < T_m - 1e-6) expect(x).toBeLessThan(1);
      },
    ),
  );
});
