import { entryShare, share, takeFrom } from './rate';

const taken = (who: string, times: number, rate: typeof share, now: number, cost = 1) => {
  let left = 0;
  for (let i = 0; i < times; i += 1) {
    try {
      takeFrom(who, rate, cost, now);
      left += 1;
    } catch (error) {
      expect(error).toMatchObject({ code: 'tooManyRequests' });
    }
  }
  return left;
};

test('a person may ask for a burst at once, then for so much a second; nobody else’s counts', () => {
  expect(taken('a', 1000, share, 0)).toBe(share.burst);
  expect(taken('a', 1000, share, 1000)).toBe(share.perSecond);
  expect(taken('b', 1000, share, 1000)).toBe(share.burst);
  // However long it rests, a burst is the most.
  expect(taken('a', 1000, share, 1e9)).toBe(share.burst);
});

test('what costs more is taken from the same share', () => {
  expect(taken('c', 1000, share, 0, 25)).toBe(share.burst / 25);
  expect(taken('c', 10, share, 0)).toBe(0);
  expect(taken('c', 1000, share, 10_000, 5)).toBe((10 * share.perSecond) / 5);
});

test('a tablet that was offline for a period sends what it kept without being held up for long', () => {
  // Five hundred drafts and an exchange after each.
  let [sent, now] = [0, 0];
  for (; sent < 1000; now += 100) sent += taken('tablet', Math.min(20, 1000 - sent), share, now);
  expect(now).toBeLessThan(10_000);
  expect(taken('bench', 500, entryShare, 0)).toBe(500);
});
