import { batchDistillation } from '@/core/models/distillation/batchDistillation';
import { computePlan } from '@/core/plan/plan';
import { hazardFindings } from '@/core/hazard/hazardFindings';
import { planOf } from '@/core/process/planOf';
import { processPlan } from '@/core/process/processPlan';
import { summary } from './timings';
import { wastePlan } from '@/core/waste/wastePlan';
import type { Liquid } from '@/core/models/distillation/binaryPair';
import type { Preparation } from '@/core/document/document';

// Runs in the browser that the tests use, bundled by bin/lib/bench.mjs: the plan is foreseen there at every keystroke.
interface Bench {
  readonly docs: readonly Preparation[];
  readonly lighter: Liquid;
  readonly heavier: Liquid;
}

/** The steps of a preparation over and over, up to 60. */
function sixty(doc: Preparation): Preparation {
  const steps = Array.from({ length: 60 }, (_, i) => {
    const step = doc.steps[i % doc.steps.length] as Preparation['steps'][number];
    return { ...step, id: `${step.id}-${i}` };
  });
  return { ...doc, steps };
}

function time(runs: number, work: (i: number) => void): string {
  const times: number[] = [];
  for (let i = 0; i < runs + 40; i += 1) {
    const start = performance.now();
    work(i);
    if (i >= 40) times.push(performance.now() - start);
  }
  return summary(times);
}

(globalThis as unknown as { benchProcess: (bench: Bench) => readonly string[] }).benchProcess = ({
  docs,
  lighter,
  heavier,
}) => [
  ...docs.map((doc) => {
    const plans = Array.from({ length: 20 }, (_, i) =>
      computePlan({ ...sixty(doc), pin: { at: 'factor', digits: String(1 + i / 10) } }),
    );
    const said = time(200, (i) => void processPlan(plans[i % plans.length] as (typeof plans)[number]));
    return `prediction of 60 steps, ${doc.title}: ${said}`;
  }),
  ...docs.map((doc) => {
    const written = Array.from({ length: 20 }, (_, i) => ({ ...sixty(doc), spare_percent: i }));
    const said = time(200, (i) => void planOf(written[i % written.length] as Preparation));
    return `recalculation of everything, 60 steps, ${doc.title}: ${said}`;
  }),
  ...docs.map((doc) => {
    const written = Array.from({ length: 20 }, (_, i) => ({ ...sixty(doc), spare_percent: i }));
    const said = time(100, (i) => {
      const { plan, process } = planOf(written[i % written.length] as Preparation);
      hazardFindings(plan, process.prediction);
      wastePlan(plan, process.prediction);
    });
    return `the same with hazards and waste, ${doc.title}: ${said}`;
  }),
  `distillation, 10 stages, 200 points: ${time(60, (i) => {
    batchDistillation({
      pair: { lighter, heavier },
      lighter_mol: 0.2 + i / 1000,
      heavier_mol: 0.2,
      stages: 10,
      reflux: 5,
      points: 200,
    });
  })}`,
];
