import { baselineOf, drift } from './baseline';
import { acetanilide, shippedPreparations } from '../../../tests/support/preparations';
import type { Preparation } from '../document/document';

test.each(shippedPreparations())('%s: what is computed twice has not drifted, and through JSON neither', (_, doc) => {
  const baseline = baselineOf(doc);
  expect(baseline.length).toBeGreaterThan(2);
  expect(drift(baseline, baselineOf(doc))).toEqual([]);
  expect(drift(JSON.parse(JSON.stringify(baseline)) as typeof baseline, baselineOf(doc))).toEqual([]);
});

test('a number that a later core changes is named with both values; one that comes or goes too', () => {
  const doc = acetanilide();
  const heavier: Preparation = {
    ...doc,
    substances: doc.substances.map((one) =>
      one.id === 'aniline' ? { ...one, density: { ...one.density!, digits: '1.032' } } : one,
    ),
  };
  const told = drift(baselineOf(doc), baselineOf(heavier));
  expect(told.length).toBeGreaterThan(1);
  expect(told.join('; ').replaceAll('\u00a0', ' ')).toMatch(/theoretical yield was 2\.967 g and is 2\.99\d g/);
  const [first, ...rest] = baselineOf(doc);
  expect(drift([first!, ...rest], rest)).toEqual([expect.stringMatching(/ and is nothing$/)]);
  expect(drift(rest, [first!, ...rest])).toEqual([expect.stringMatching(/ was nothing and is /)]);
  // The last bits of a double are no drift.
  expect(
    drift(
      rest,
      rest.map((one) => ({ ...one, value: one.value * (1 + 1e-13) })),
    ),
  ).toEqual([]);
});
