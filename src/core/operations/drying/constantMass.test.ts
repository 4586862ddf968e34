import { seriesVerdict } from './constantMass';

const series = (masses: readonly string[], minutes = 11) =>
  masses.map((digits, i) => ({
    mass: Number(digits),
    lastDigit: 10 ** -(digits.split('.')[1]?.length ?? 0),
    at: i * minutes * 60,
  }));

test.each([
  [[], 'none'],
  [['2.58'], 'first'],
  [['3.52', '2.84'], 'falling'],
  [['3.52', '2.84', '2.63', '2.58', '2.58'], 'constant'],
  // One last digit is agreement, two are not.
  [['2.59', '2.58'], 'constant'],
  [['2.60', '2.58'], 'falling'],
  [['2.58', '2.60'], 'rising'],
  // 0.2 % of 12.5 g is 25 mg, more than the last digit.
  [['12.524', '12.500'], 'constant'],
  [['12.526', '12.500'], 'falling'],
  // Each step small enough, but three readings fall one after the other.
  [['2.60', '2.59', '2.58'], 'falling'],
  [['2.60', '2.59', '2.59'], 'constant'],
] as const)('%j: %s', (masses, verdict) => {
  expect(seriesVerdict(series(masses), 600)).toBe(verdict);
});

test('two weighings that agree count only after further drying', () => {
  expect(seriesVerdict(series(['2.58', '2.58'], 9), 600)).toBe('soon');
  expect(seriesVerdict(series(['2.58', '2.58'], 10), 600)).toBe('constant');
});
