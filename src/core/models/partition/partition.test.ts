import fc from 'fast-check';
import { distributionRatio } from './distributionRatio';
import { extractionRounds } from './extractionRounds';
import { leftAfterExtraction, leftAtMostPortions } from './leftAfterExtraction';

const positive = (max: number) => fc.double({ min: 0.01, max, noNaN: true });

test('rounds without mutual solubility are the closed form of equal portions', () => {
  fc.assert(
    fc.property(
      positive(200),
      positive(500),
      positive(500),
      fc.integer({ min: 1, max: 12 }),
      (D, aqueous, solvent, n) => {
        const rounds = extractionRounds({ D, aqueous, portions: Array.from({ length: n }, () => solvent / n) });
        const left = (aqueous / (aqueous + (D * solvent) / n)) ** n;
        expect(rounds.at(-1)?.left).toBeCloseTo(left, 9);
        expect(leftAfterExtraction({ D, aqueous, solvent }, n)).toBeCloseTo(left, 12);
      },
    ),
  );
});

test('more portions of the same volume leave less, and never less than the limit', () => {
  fc.assert(
    fc.property(
      positive(50),
      positive(200),
      positive(200),
      fc.integer({ min: 1, max: 30 }),
      (D, aqueous, solvent, n) => {
        const left = (count: number) => leftAfterExtraction({ D, aqueous, solvent }, count);
        const limit = leftAtMostPortions({ D, aqueous, solvent });
        expect(left(n + 1)).toBeLessThanOrEqual(left(n) + 1e-12);
        expect(left(n)).toBeGreaterThanOrEqual(limit - 1e-12);
        expect(left(100000)).toBeCloseTo(limit, 2);
      },
    ),
  );
});

test('what is extracted and what is left add up, and so do the volumes', () => {
  fc.assert(
    fc.property(
      positive(30),
      fc.array(fc.double({ min: 10, max: 60, noNaN: true }), { minLength: 1, maxLength: 6 }),
      (D, portions) => {
        const rounds = extractionRounds({ D, aqueous: 100, portions, inWater: 0.05, inSolvent: 0.01 });
        const extracted = rounds.reduce((sum, one) => sum + one.extracted, 0);
        expect(extracted + (rounds.at(-1)?.left ?? NaN)).toBeCloseTo(1, 12);
        const organic = rounds.reduce((sum, one) => sum + one.organic, 0);
        const charged = 100 + portions.reduce((sum, one) => sum + one, 0);
        expect(organic + (rounds.at(-1)?.aqueous ?? NaN)).toBeCloseTo(charged, 9);
      },
    ),
  );
});

test('water shrinks the first portion of an ether most; a portion that it dissolves whole is refused', () => {
  const [first, second] = extractionRounds({ D: 5, aqueous: 100, portions: [20, 20], inWater: 0.05, inSolvent: 0.015 });
  expect(first?.organic).toBeLessThan(16);
  expect(second?.organic).toBeGreaterThan(19.9);
  expect(() => extractionRounds({ D: 5, aqueous: 100, portions: [4], inWater: 0.05 })).toThrow('no second layer');
});

test('half is ionized at the pKa; two units past it a hundredth of the neutral form is left', () => {
  const acid = { P: 200, kind: 'acid', pKa: 4.44 } as const;
  expect(distributionRatio(acid, 4.44)).toBeCloseTo(100, 12);
  expect(distributionRatio(acid, 6.44)).toBeCloseTo(200 / 101, 12);
  expect(distributionRatio(acid, 2.44)).toBeCloseTo(200 / 1.01, 12);
  const base = { P: 200, kind: 'base', pKa: 4.6 } as const;
  expect(distributionRatio(base, 2.6)).toBeCloseTo(200 / 101, 12);
  expect(distributionRatio(base, 6.6)).toBeCloseTo(200 / 1.01, 12);
  expect(() => distributionRatio({ P: 1, kind: 'acid' }, 7)).toThrow('needs a pKa');
  expect(() => distributionRatio({ P: 0 }, 7)).toThrow('P must be more than zero, not 0');
});
