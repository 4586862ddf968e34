import { dayAndTimeOf, dayOf, fromTo, longDayOf, timeOfDay } from './dates';

test('a day is one of UTC, wherever it is read', () => {
  expect(dayOf('2026-03-03T23:59:59.999Z')).toBe('3 Mar 2026');
  expect(longDayOf('2026-12-31T23:30:00.000Z')).toBe('31 December 2026');
  expect(dayAndTimeOf('2026-03-03T00:05:00.000Z')).toBe('3 Mar 2026, 00:05');
});

test('a time of day is the reader’s own, and of no instant there is none', () => {
  const noon = new Date(2026, 2, 3, 12, 4).toISOString();
  expect(timeOfDay(noon)).toBe('12:04');
  expect(timeOfDay('never')).toBe('––:––');
});

test('from when to when: the day once where it is the same', () => {
  const at = (day: number, hour: number) => new Date(2026, 2, day, hour, 30).toISOString();
  expect(fromTo(at(3, 9), at(3, 11))).toBe('3 Mar, 09:30 – 11:30');
  expect(fromTo(at(3, 9), at(4, 8))).toBe('3 Mar, 09:30 – 4 Mar, 08:30');
});
