import { benchResults } from '@/core/results/benchResults';
import { computePlan } from '@/core/plan/plan';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { processPlan } from '@/core/process/processPlan';
import { gramsOf, nothing, plus } from '@/core/worktop/matter/matter';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { benchAsForeseen } from '../support/jobs/autopilot';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';

const tried = Object.entries(jobs).map(([name, job]) => {
  const doc = jobDocument(job);
  const plan = computePlan(doc);
  return { name, job, doc, plan, process: processPlan(plan) };
});

test('ten kinds of job are tried, some of them twice', () => {
  expect(tried).toHaveLength(16);
});

describe.each(tried)('$name', ({ job, doc, plan, process }) => {
  const { prediction, findings } = process;

  test('what is foreseen is what a chemist expects', () => {
    for (const { stage, low, high } of job.expects) {
      const grams = prediction.stages.find((one) => one.stage.id === stage)?.mass.q.value;
      expect([stage, grams !== undefined && grams >= low && grams <= high]).toEqual([stage, true]);
    }
    expect(prediction.stages.map(({ stage }) => stage.id)).toEqual(job.expects.map(({ stage }) => stage));
  });

  test('every gram is somewhere, and nothing stops it', () => {
    const into = prediction.steps.map(({ introduced }) => introduced).reduce(plus, nothing);
    const left = prediction.steps.flatMap(({ streams }) => streams.map(({ matter }) => matter));
    const after = [...left, ...Object.values(prediction.steps.at(-1)?.shelf ?? {}).map(wholeOf)].reduce(plus, nothing);
    expect(Math.abs(gramsOf(into) - gramsOf(after))).toBeLessThan(1e-9 * gramsOf(into));
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(findings.filter(({ rule }) => rule.startsWith('proof.') || rule.startsWith('missing.'))).toEqual([]);
    expect(
      prediction.steps.flatMap(({ remarks }) => remarks).filter((one) => one.startsWith('This step cannot')),
    ).toEqual([]);
  });

  test('a bench that does as the sheet says comes to what was foreseen', () => {
    const state = benchAsForeseen(doc, prediction);
    expect(state.steps.filter(({ status }) => status !== 'done').map(({ step }) => step.id)).toEqual([]);
    for (const { step, context, operation } of state.steps) {
      const sentence = operation.sentence(context);
      expect([step.id, sentence]).toEqual([step.id, expect.not.stringMatching(/undefined|NaN|  |\[object/)]);
      expect([step.id, /^[A-Z].*[.?]$/s.test(sentence)]).toEqual([step.id, true]);
    }
    const { stages } = benchResults(state);
    for (const { stage, mass } of prediction.stages) {
      const found = stages.find((one) => one.stage.id === stage.id)?.mass;
      if (found) expect(Math.abs(found.mass.q.value / mass.q.value - 1)).toBeLessThan(0.05);
    }
  });

  test('what a teacher does not know of her substances costs no stage without a word', () => {
    const known = new Set(doc.substances.flatMap((one) => Object.keys(one)));
    for (const key of ['id', 'name', 'formula']) known.delete(key);
    for (const lacking of known) {
      const left = (one: object) => Object.fromEntries(Object.entries(one).filter(([key]) => key !== lacking));
      const bare = { ...doc, substances: doc.substances.map((one) => ({ ...left(one), id: one.id, name: one.name })) };
      const without = processPlan(computePlan(bare));
      const told = [...without.findings, ...computePlan(bare).findings].some(({ rule }) =>
        ['proof.nothing', 'proof.productAside', 'line.noDensity'].includes(rule),
      );
      for (const { stage, low } of job.expects) {
        const grams = without.prediction.stages.find((one) => one.stage.id === stage)?.mass.q.value ?? 0;
        expect([lacking, stage, told || grams > low / 2]).toEqual([lacking, stage, true]);
      }
    }
  });

  test('every step is judged for its hazards', () => {
    expect(hazardFindings(plan).length).toBeGreaterThan(0);
  });
});
