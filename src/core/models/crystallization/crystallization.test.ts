import fc from 'fast-check';
import { fitSolubility, fittedSolubility } from './fitSolubility';
import { recrystallize } from './recrystallize';

test('a fit of two points goes through them, and of more through those that lie on one line', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.001, max: 1, noNaN: true }),
      fc.double({ min: 1.01, max: 50, noNaN: true }),
      fc.double({ min: 5, max: 80, noNaN: true }),
      (s, ratio, span) => {
        const two = [
          { T: 5, s },
          { T: 5 + span, s: s * ratio },
        ];
        const fit = fitSolubility(two);
        for (const { T, s: value } of two) expect(fittedSolubility(fit, T) / value).toBeCloseTo(1, 9);
        const T = 5 + span / 3;
        const again = fitSolubility([...two, { T, s: fittedSolubility(fit, T) }]);
        expect(again.B / fit.B).toBeCloseTo(1, 9);
        expect(again.scatter).toBeCloseTo(0, 9);
      },
    ),
  );
  expect(() => fitSolubility([{ T: 20, s: 1 }])).toThrow('two temperatures');
  expect(() =>
    fitSolubility([
      { T: 20, s: 1 },
      { T: 30, s: 0 },
    ]),
  ).toThrow('more than zero, not 0');
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
