import fc from 'fast-check';
import { neutralSystems } from '../../../../tests/support/acidBase';
import { pHAfter, titrantFor } from './neutralize';
import { fractionOf, protonsGiven, speciation } from './speciation';
import { solutionPH } from './solutionPH';

const pKas = fc.array(fc.double({ min: -1, max: 14, noNaN: true }), { minLength: 1, maxLength: 4 });
const pHs = fc.double({ min: -2, max: 16, noNaN: true });

test('the fractions of all forms add up to one, and neighbours stand in the ratio of the law of mass action', () => {
  fc.assert(
    fc.property(pKas, pHs, (steps, pH) => {
      const fractions = speciation(steps, pH);
      expect(fractions.reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 12);
      steps.forEach((pKa, i) => {
        const [before, after] = [fractions[i] ?? NaN, fractions[i + 1] ?? NaN];
        if (before > 1e-200 && after > 1e-200) expect(Math.log10(after / before)).toBeCloseTo(pH - pKa, 8);
      });
    }),
  );
});

test('a single form and the protons given are those of the whole table, however many steps there are', () => {
  fc.assert(
    fc.property(pKas, pHs, (steps, pH) => {
      const fractions = speciation(steps, pH);
      fractions.forEach((one, form) => expect(fractionOf(steps, pH, form)).toBeCloseTo(one, 12));
      expect(fractionOf(steps, pH, fractions.length)).toBe(0);
      expect(protonsGiven(steps, pH)).toBeCloseTo(
        fractions.reduce((sum, one, form) => sum + one * form, 0),
        12,
      );
    }),
  );
});

test('two units past the pKa ninety-nine per cent are converted', () => {
  expect(protonsGiven([4.76], 6.76)).toBeCloseTo(1 / 1.01, 12);
});

test('pure water, a strong acid, a strong base', () => {
  expect(solutionPH({ systems: [], spectators: 0 })).toBeCloseTo(7, 9);
  expect(solutionPH({ systems: [], spectators: -0.1 })).toBeCloseTo(1, 6);
  expect(solutionPH({ systems: [], spectators: 1 })).toBeCloseTo(14, 6);
});

test('a half-neutralized acid stands at its pKa, and bicarbonate between its two', () => {
  const acetic = { pKas: [4.76], concentration: 1, charge: 0 };
  expect(solutionPH({ systems: [acetic], spectators: 0.5 })).toBeCloseTo(4.76, 3);
  const carbonic = { pKas: [6.35, 10.33], concentration: 0.5, charge: 0 };
  expect(solutionPH({ systems: [carbonic], spectators: 0.5 })).toBeCloseTo((6.35 + 10.33) / 2, 3);
});

test('the solved pH balances the charges as the ionic equations say, for any mixture', () => {
  fc.assert(
    fc.property(neutralSystems, fc.double({ min: -1, max: 1, noNaN: true }), (systems, spectators) => {
      const pH = solutionPH({ systems, spectators });
      const balance = systems.reduce(
        (sum, { pKas: steps, concentration, charge }) => sum + concentration * (charge - protonsGiven(steps, pH)),
        spectators + 10 ** -pH - 10 ** (pH - 14),
      );
      expect(Math.abs(balance)).toBeLessThan(1e-6 * (1 + Math.abs(spectators)));
    }),
  );
});

test('the titrant that reaches a pH, added, gives that pH', () => {
  fc.assert(
    fc.property(neutralSystems, fc.double({ min: 2, max: 12, noNaN: true }), (systems, pH) => {
      const beaker = {
        systems: systems.map(({ concentration, ...one }) => ({ ...one, moles: concentration * 0.1 })),
        spectators: 0,
        volume: 0.1,
      };
      for (const kind of ['base', 'acid'] as const) {
        const added = titrantFor(beaker, { concentration: 6, kind }, pH);
        if (added >= 0) expect(pHAfter(beaker, { concentration: 6, kind }, added)).toBeCloseTo(pH, 5);
      }
    }),
  );
});

test('13 mL of 6 M hydroxide neutralize the acid of the ketone preparation', () => {
  // 65.5 mmol acetic acid and some bisulfite: about 77 mmol to pH 7–8.
  const beaker = {
    systems: [
      { pKas: [4.76], charge: 0, moles: 0.0655 },
      { pKas: [7.2], charge: -1, moles: 0.0115 },
    ],
    spectators: 0.0115,
    volume: 0.085,
  };
  const mL = titrantFor(beaker, { concentration: 6, kind: 'base' }, 8) * 1000;
  expect(mL).toBeGreaterThan(12);
  expect(mL).toBeLessThan(13.5);
  expect(() => titrantFor(beaker, { concentration: 0.001, kind: 'base' }, 13)).toThrow('never brings it to pH 13');
});
