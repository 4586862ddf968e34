import { acetanilide } from '../../../tests/support/preparations';
import { readPreparation } from '../formats/readPreparation';
import { timeline } from './timeline';
import { writePreparation } from '../formats/writePreparation';
import type { Preparation } from '../document/document';

const bounded = (least_min: number, most_min: number): Preparation => {
  const doc = acetanilide();
  return { ...doc, steps: doc.steps.map((step) => ({ ...step, time: { ...step.time, least_min, most_min } })) };
};

test('with bounds the whole lies between its quickest and its slowest; without them it has no range', () => {
  expect(timeline(acetanilide(), 1).range).toBeUndefined();
  const doc = acetanilide();
  const widened = {
    ...doc,
    steps: doc.steps.map((step) => ({
      ...step,
      time: { ...step.time, least_min: step.time.typical_min / 2, most_min: step.time.typical_min * 2 },
    })),
  };
  const { total_min, range } = timeline(widened, 1);
  expect(range?.least_min).toBeCloseTo(total_min / 2, 9);
  expect(range?.most_min).toBeCloseTo(total_min * 2, 9);
});

test('bounds are stored in their order, and refused otherwise', () => {
  const good = readPreparation(writePreparation(bounded(0, 10_000)));
  expect(good.ok && good.doc.steps[0]?.time).toMatchObject({ least_min: 0, most_min: 10_000 });
  for (const [least, most] of [
    [9000, 10_000],
    [0, 0],
  ] as const) {
    const bad = readPreparation(writePreparation(bounded(least, most)));
    expect(bad.ok ? [] : bad.faults[0]?.reason).toBe('must have least, typical and most in this order');
  }
});
