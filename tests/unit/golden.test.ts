import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { benchState } from '@/core/bench/benchState';
import { benchResults } from '@/core/results/benchResults';
import { classResults } from '@/core/results/classResults';
import { computePlan } from '@/core/plan/plan';
import { coreVersion } from '@/core/results/coreVersion';
import { demoRecord, demoSettings } from '@/data/demoRecord';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { processPlan } from '@/core/process/processPlan';
import { renderFinding } from '@/core/words/renderFinding';
import { wastePlan } from '@/core/waste/wastePlan';
import { acetanilide, dienone, shippedPreparations } from '../support/preparations';
import { expectGolden } from '../support/golden';
import { oddOperations } from '../support/oddOperations';
import { stateOfScript } from '../support/demoRun';
import { withRanges } from '../support/withRanges';
import type { Finding } from '@/core/finding/finding';
import type { StepState } from '@/core/bench/benchState';
import type { Preparation } from '@/core/document/document';

// Numbers and sentences of everything that is shipped. They change with a stated reason, never with a change of shape.

const said = (findings: readonly Finding[]) =>
  findings.map((one) => ({ rule: one.rule, severity: one.severity, about: one.about, says: renderFinding(one).says }));

/** What a bench reads at a step, and what the step comes to. */
const shownAt = ({ step, operation, context, actual, asks, status, losses }: StepState) => ({
  step: step.id,
  status,
  sentence: operation.sentence(context),
  cautions: operation.cautions?.(context),
  asks: asks.map((ask) => [ask.kind, ask.id, 'says' in ask ? ask.says : ask.title, ask.done]),
  outcome: operation.outcome?.(actual, context),
  losses: losses.map(({ key, mass }) => [key, mass]),
});

/** Results with their stages by name: what a document says of a stage is no result. */
function resultsOf(state: Parameters<typeof benchResults>[0]): object {
  const { stages, product, ...rest } = benchResults(state);
  const named = (one: (typeof stages)[number]) => ({ ...one, stage: one.stage.id });
  return { ...rest, stages: stages.map(named), product: product && named(product) };
}

function everythingOf(doc: Preparation): object {
  const plan = computePlan(doc);
  const { prediction, peaks, timeline, green, findings } = processPlan(plan);
  const waste = wastePlan(plan);
  return {
    lines: plan.lines.map(({ facts, target, total, equivalents, classTotal }) => ({
      line: facts.line.id,
      target,
      total,
      equivalents,
      classTotal,
    })),
    product: plan.charge.product,
    vessels: plan.vessels.map(({ vessel, ...rest }) => ({ vessel: vessel.id, ...rest })),
    peaks: peaks.map(({ vessel, ...rest }) => ({ vessel: vessel.id, ...rest })),
    steps: prediction.steps.map(({ step, stage, shelf, product, streams, losses, assumptions, remarks }) => ({
      step: step.id,
      stage: stage?.id,
      shelf,
      product,
      streams,
      losses,
      assumptions: assumptions.map(({ id, low, typical, high }) => [id, low, typical, high]),
      remarks,
    })),
    stages: withRanges(prediction).map(({ stage, basis, mass, low, high }) => ({
      stage: stage.id,
      basis,
      mass,
      low,
      high,
    })),
    bench: benchState(doc, []).steps.map(shownAt),
    timeline,
    green,
    findings: said(findings),
    hazards: said(hazardFindings(plan)),
    waste: {
      streams: waste.streams.map(({ stream, volume, mass }) => ({ stream, volume, mass })),
      findings: said(waste.findings),
    },
  };
}

test.each([...shippedPreparations(), ['dienone', dienone()], ['odd-operations', oddOperations()]] as const)(
  '%s: plan, process, hazards and waste are what they were',
  (name, doc) => {
    expect(doc.steps.length + doc.lines.length).toBeGreaterThan(3);
    expectGolden(name, everythingOf(doc));
  },
);

test('every demo record comes to the results that it came to', () => {
  const settings = Object.fromEntries(
    demoSettings.map(({ name, digits, unit }) => [name, { digits, unit, entry: name }]),
  );
  const states = Object.entries(demoRecord).map(([bench, { steps }]) => ({
    bench,
    state: stateOfScript(steps, settings, acetanilide()),
  }));
  expect(states).toHaveLength(8);
  expectGolden('demo-records', {
    benches: states.map(({ bench, state }) => ({
      bench,
      steps: state.steps.map(shownAt),
      findings: said(state.findings),
      results: resultsOf(state),
    })),
    class: classResults(states).spreads,
  });
});

test('the version of the core rises with what a record comes to', () => {
  // Results kept under a version are used as long as it stands. If a golden file changed because a number did, raise it.
  const files = readdirSync('tests/golden').filter((name) => name !== 'core.json' && !name.startsWith('parameter'));
  const content = files.sort().map((name) => readFileSync(`tests/golden/${name}`, 'utf8'));
  const seen = createHash('sha256').update(content.join('\n')).digest('hex');
  expectGolden('core', { coreVersion, seen });
});
