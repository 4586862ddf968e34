import fc from 'fast-check';
import { computePlan } from '../plan/plan';
import { gramsOf } from './matter/matter';
import { jobDocument } from '../../../tests/support/jobs/job';
import { jobs } from '../../../tests/support/jobs';
import { predictProcess } from '../process/predictProcess';
import { setExtent } from '../editing/reactions';
import { shipped } from '../../../tests/support/preparations';
import { wholeOf } from './matter/shelf';
import type { Extent } from '../document/reaction';
import type { Preparation } from '../document/document';
import type { Step } from '../document/steps';

const withStep = (doc: Preparation, id: string, change: (step: Step) => Step): Preparation => ({
  ...doc,
  steps: doc.steps.map((step) => (step.id === id ? change(step) : step)),
});
const times = (doc: Preparation, id: string, least: number) =>
  withStep(doc, id, (step) => ({ ...step, repeat: { until: 'noChange', least, most: least } }));
const minutes = (doc: Preparation, id: string, acts_min: number) =>
  withStep(doc, id, (step) => ({ ...step, params: { ...step.params, minutes: acts_min } }));
const massOf = (doc: Preparation, stage = 0) => predictProcess(computePlan(doc)).stages[stage]?.mass.q.value ?? NaN;
const reacting = (to: Extent) => {
  const doc = shipped('acetanilide');
  return setExtent(doc, doc.reactions[0]?.id ?? '', 'reflux', to);
};
const halfLife: Extent = { by: 'halfLife', minutes: { typical: '20' }, at_C: 120 };

test('what is done n times over t minutes has gone as far as what is done once over n·t', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 6 }), fc.integer({ min: 1, max: 30 }), (n, t) => {
      const often = times(minutes(reacting(halfLife), 'reflux', t), 'reflux', n);
      expect(massOf(often)).toBeCloseTo(massOf(minutes(reacting(halfLife), 'reflux', n * t)), 9);
    }),
    { numRuns: 20 },
  );
});

test('a half-life passes while the step acts: setting up and cooling down are none of it', () => {
  const slow = withStep(reacting(halfLife), 'reflux', (step) => ({
    ...step,
    time: { ...step.time, typical_min: 300 },
  }));
  expect(massOf(slow)).toBe(massOf(reacting(halfLife)));
});

test('an equilibrium that nothing disturbs stays where it is, and a conversion is what all times come to', () => {
  for (const to of [
    { by: 'equilibrium', K: { typical: '3' } },
    { by: 'conversion', percent: { typical: '70' } },
  ] as const)
    expect(massOf(times(reacting(to), 'reflux', 4))).toBeCloseTo(massOf(reacting(to)), 9);
});

test('each time takes its part of a line: together no more than the charge table has', () => {
  const doc = shipped('acetanilide');
  const charged = (one: Preparation) =>
    predictProcess(computePlan(one)).steps.find(({ step }) => step.id === 'aniline')?.introduced;
  expect(gramsOf(charged(times(doc, 'aniline', 3)) ?? {})).toBeCloseTo(gramsOf(charged(doc) ?? {}), 12);
});

test('a wash in as many portions as times is the wash in portions; several small ones take more than one large one', () => {
  const job = jobDocument(jobs['ester'] ?? Object.values(jobs)[0]!);
  const wash = job.steps.find(({ op }) => op === 'wash')!;
  const line = (wash.params as { line: string }).line;
  const portioned = (portions: number): Preparation => ({
    ...job,
    lines: job.lines.map((one) => (one.id === line ? { ...one, portions } : one)),
  });
  const left = (doc: Preparation) => {
    const after = predictProcess(computePlan(doc)).steps.find(({ step }) => step.id === wash.id);
    return Object.values(after?.shelf ?? {}).map((content) => gramsOf(wholeOf(content)));
  };
  const three = left(portioned(3));
  left(times(portioned(3), wash.id, 3)).forEach((grams, i) => expect(grams).toBeCloseTo(three[i] ?? NaN, 12));
  left(times(portioned(3), wash.id, 2)).forEach((grams, i) => expect(grams).toBeCloseTo(three[i] ?? NaN, 12));
});
