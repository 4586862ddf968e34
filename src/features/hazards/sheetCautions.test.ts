import { computePlan } from '@/core/plan/plan';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { sheetCautions } from './sheetCautions';
import { acetanilide } from '../../../tests/support/preparations';

test('each sentence stands once with all its steps, in the order of the work', () => {
  const doc = acetanilide();
  const cautions = sheetCautions(doc, hazardFindings(computePlan(doc)));
  const says = cautions.map((one) => one.says);
  expect(new Set(says).size).toBe(says.length);
  const plate = cautions.find((one) => one.says.startsWith('A hot plate'));
  expect(plate?.at).toMatch(/^Steps \d+(, \d+)+$/);
  const first = cautions.map(({ at = '0' }) => Number(/\d+/.exec(at)?.[0] ?? 0));
  expect([...first].sort((a, b) => a - b)).toEqual(first);
  // What the labels on the same sheet say is not said again.
  expect(says.join()).not.toContain('allergic');
});
