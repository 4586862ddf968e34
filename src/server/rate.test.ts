import { anyRate, heavyRate, takeFrom } from './rate';

const taken = (who: string, times: number, rate: typeof anyRate, now: number) => {
  let left = 0;
  for (let i = 0; i < times; i += 1) {
    try {
      takeFrom(who, rate, now);
      left += 1;
    } catch (error) {
      expect(error).toMatchObject({ code: 'tooManyRequests' });
    }
  }
  return left;
};

test('a session may ask for a burst at once, then for so much a second; nobody else’s counts', () => {
  expect(taken('a', 100, heavyRate, 0)).toBe(heavyRate.burst);
  expect(taken('a', 100, heavyRate, 1000)).toBe(heavyRate.perSecond);
  expect(taken('b', 100, heavyRate, 1000)).toBe(heavyRate.burst);
  // However long it rests, a burst is the most.
  expect(taken('a', 100, heavyRate, 1e9)).toBe(heavyRate.burst);
});

test('a tablet that was offline for a period sends what it kept without being held up for long', () => {
  // Five hundred drafts and an exchange after each.
  let [sent, now] = [0, 0];
  for (; sent < 1000; now += 100) sent += taken('tablet', Math.min(20, 1000 - sent), anyRate, now);
  expect(now).toBeLessThan(10_000);
});
