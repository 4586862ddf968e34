import fc from 'fast-check';
import { calibrationAt } from '@/core/quantity/calibrationAt';
import { readCalibration, writeCalibration } from './calibrationText';

test('points are typed with their sign and come back the same', () => {
  const read = readCalibration('81 +0.4; 122 −0.6;');
  expect(read).toEqual({
    ok: true,
    value: [
      { reads: '81', correction: '0.4' },
      { reads: '122', correction: '-0.6' },
    ],
  });
  expect(read.ok && writeCalibration(read.value)).toBe('81 +0.4; 122 -0.6');
  expect(readCalibration('')).toEqual({ ok: true, value: [] });
});

test.each(['81', '81 0.4 7', 'x +1', '122 +0.6; 81 +0.4', '81 +0.4; 81 +0.5'])('%s is refused in words', (text) => {
  const read = readCalibration(text);
  expect(read.ok).toBe(false);
  if (!read.ok) expect(read.says.length).toBeGreaterThan(10);
});

test('a correction lies between those of its neighbours, and passes through the points', () => {
  const points = fc
    .uniqueArray(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 8 })
    .chain((reads) =>
      fc
        .tuple(...reads.map(() => fc.integer({ min: -30, max: 30 })))
        .map((by) =>
          reads.sort((a, b) => a - b).map((at, i) => ({ reads: String(at), correction: String((by[i] ?? 0) / 10) })),
        ),
    );
  fc.assert(
    fc.property(points, fc.integer({ min: -20, max: 320 }), (known, at) => {
      const all = known.map(({ correction }) => Number(correction));
      const value = calibrationAt(known, at) ?? NaN;
      expect(value).toBeGreaterThanOrEqual(Math.min(...all) - 1e-9);
      expect(value).toBeLessThanOrEqual(Math.max(...all) + 1e-9);
      known.forEach(({ reads, correction }) =>
        expect(calibrationAt(known, Number(reads))).toBeCloseTo(Number(correction), 9),
      );
    }),
  );
  expect(calibrationAt([], 100)).toBeUndefined();
});
