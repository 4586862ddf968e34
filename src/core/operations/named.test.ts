import { meansOf } from './named';

test('days count as well as minutes and hours; what nobody said acts for no time', () => {
  expect(meansOf({ op: 'evaporation', params: { of: 'pure', days: 2 } }).acts_min).toBe(2 * 24 * 60);
  expect(meansOf({ op: 'stand', params: { hours: 1.5 } }).acts_min).toBe(90);
  expect(meansOf({ op: 'reflux', params: { minutes: 30 } }).acts_min).toBe(30);
  expect(meansOf({ op: 'pouring', params: { manner: 'once' } }).acts_min).toBeUndefined();
  // A number of that name that is no time of acting.
  expect(meansOf({ op: 'weighing', params: { of: 'pure', minutes: 7 } }).acts_min).toBeUndefined();
});
