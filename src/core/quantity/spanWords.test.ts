import fc from 'fast-check';
import { spanWords } from './spanWords';

test.each([
  [0, '0 min'],
  [29, '0 min'],
  [31, '1 min'],
  [3569, '59 min'],
  [3571, '1 h'],
  [5400, '1 h 30 min'],
  [86_399, '1 day'],
  [86_400, '1 day'],
  [86_400 * 2.5, '2 days 12 h'],
  [86_400 * 7 - 1, '1 week'],
  [86_400 * 9, '1 week 2 days'],
  [86_400 * 14, '2 weeks'],
  [Number.NaN, '–'],
  [-1, '–'],
])('%s s', (seconds, words) => expect(spanWords(seconds).replaceAll('\u00a0', ' ')).toBe(words));

const size = { min: 60, h: 3600, day: 86_400, days: 86_400, week: 604_800, weeks: 604_800 } as const;

test('read back, it is off by half of its smaller unit at most', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 604_800 * 60, noNaN: true }), (seconds) => {
      const parts = spanWords(seconds)
        .split(' ')
        .map((part) => part.split('\u00a0'));
      const back = parts.reduce((sum, [count, unit]) => sum + Number(count) * size[unit as keyof typeof size], 0);
      const finest = seconds < 86_400 ? 30 : seconds < 604_800 ? 1800 : 43_200;
      expect(Math.abs(back - seconds)).toBeLessThanOrEqual(finest + 1e-6);
    }),
  );
});
