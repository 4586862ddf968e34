import { consume } from '../worktop/consume';
import { factsOf } from '../plan/facts';
import { inOrder, reactionBehind } from '../document/reactions';
import { findOperation } from '../operations/registry';
import { earlierOf } from '../document/steps';
import { meansOf } from '../operations/named';
import { kindsOf } from '../worktop/madeKinds';
import { isUnweighed, stageAhead, weighingOf } from './stageAhead';
import { react } from '../worktop/react';
import { stageBasis } from '../plan/stageBasis';
import { wholeOf } from '../worktop/matter/shelf';
import { Worktop } from '../worktop/worktop';
import { leftOver } from './leftOver';
import { leftToCool } from '../worktop/heat';
import type { After, Before, Foreseeable, Task, World } from '../worktop/worktop';
import type { Assumption } from '../worktop/assumption';
import type { Loss } from '../worktop/loss';
import type { Preparation } from '../document/document';
import type { Plan } from '../plan/planTypes';
import type { Stage, Step } from '../document/steps';
import type { Worked } from '../quantity/worked';

/** A step with what it leaves behind. */
export interface StepPrediction extends After {
  readonly step: Step;
  readonly stage?: Stage;
}

/** What a stage is expected to weigh. */
export interface StagePrediction {
  readonly stage: Stage;
  /** What it can be at most: the theoretical yield, what was taken, or the stage before. */
  readonly basis: Worked<'mass'>;
  readonly losses: readonly Loss[];
  readonly mass: Worked<'mass'>;
}

/** A stage of which no number can be said, and why not. */
export interface UnforeseenStage {
  readonly stage: Stage;
  readonly why: string;
  /** It should be there, and by the models nothing of it stands where it is weighed. */
  readonly nothing?: true;
}

/** Bounds of a stage's mass, g. */
export interface MassRange {
  readonly low: number;
  readonly high: number;
}

/** What every vessel holds after every step, and what the models know: hazards, waste and the proof-reader look at the same. */
export interface Foreseen {
  readonly steps: readonly StepPrediction[];
  readonly world: World;
}

/** The whole procedure as the models see it. */
export interface Prediction extends Foreseen {
  readonly stages: readonly StagePrediction[];
  readonly unforeseen: readonly UnforeseenStage[];
  readonly assumptions: readonly Assumption[];
  /** By stage, from the ranges of the assumptions: found when somebody asks, since most of the time goes into it. */
  readonly ranges: () => ReadonlyMap<string, MassRange>;
}

/**
 * Predicts the procedure of a plan: what every vessel holds after every step, what is lost where, and what each stage weighs.
 * Steps that are optional are left out. For the range of a mass each assumption is put to the farther end of its own range where
 * it is made, and the other end follows by proportion; the changes add in quadrature, as independent uncertainties do (GUM, 5.1.2), and go through the later steps undiminished (first order).
 */
export function predictProcess(plan: Foreseeable): Prediction {
  const world = worldOf(plan);
  const runs = run(world);
  const steps = runs.map(({ prediction }) => prediction);
  const assumptions = unique(steps.flatMap((one) => one.assumptions));
  const { stages, unforeseen } = stagesOf(plan, steps);
  let found: ReadonlyMap<string, MassRange> | undefined;
  const ranges = () => (found ??= rangesOf(world, runs, { assumptions, stages }));
  return { steps, world, assumptions, stages, unforeseen, ranges };
}

function worldOf(plan: Foreseeable): World {
  const facts = factsOf(plan.doc);
  return { plan, facts, kind: kindsOf(facts), scenario: {}, means: meansOf };
}

/** The steps alone, without what the stages weigh: for those who have no prediction of the whole. */
export function foreseeSteps(plan: Foreseeable): Foreseen {
  const world = worldOf(plan);
  return { steps: run(world).map(({ prediction }) => prediction), world };
}

interface Run {
  readonly task: Task;
  readonly before: Before;
  readonly prediction: StepPrediction;
}

/** One run of all steps. */
function run(world: World): readonly Run[] {
  const { doc } = world.plan;
  const start = doc.lines.find(({ id }) => id === doc.reference)?.vessel ?? doc.vessels[0]?.id ?? 'vessel';
  let before: Before = { shelf: {}, product: start };
  const leaves = new Map<string, string>();
  return doc.steps.flatMap((step): readonly Run[] => {
    if (step.optional) return [];
    // Beside each other each track has its own work: a step goes on where the one left off that it waits for.
    const track = step.after?.find((id) => leaves.has(id));
    if (track !== undefined) before = { ...before, product: leaves.get(track) ?? before.product };
    const stage = stageAhead(doc, step);
    const task: Task = { step, ...(stage ? { stage } : {}), runs: runsAt(doc, step.id) };
    const after = work(world, task, before);
    if (!after) return [];
    leaves.set(step.id, after.product);
    const done = { task, before, prediction: { ...after, step, ...(stage ? { stage } : {}) } };
    // Where a stage stands when it was measured is where a later step takes it from.
    const measured = doc.stages.filter(({ id }) => weighingOf(doc, id)?.id === step.id);
    before = {
      ...after,
      stages: { ...after.stages, ...Object.fromEntries(measured.map(({ id }) => [id, after.product])) },
    };
    return [done];
  });
}

/** The reactions that run in a step, in the order in which they feed each other. */
export function runsAt(doc: Preparation, step: string): Task['runs'] {
  return inOrder(doc).flatMap((reaction) =>
    reaction.runs.flatMap((run) => (run.step === step ? [{ reaction, ...(run.to ? { to: run.to } : {}) }] : [])),
  );
}

function work(world: World, task: Task, before: Before): After | undefined {
  const operation = findOperation(task.step.op);
  if (!operation) return undefined;
  try {
    const top = new Worktop(world, task, before);
    do {
      operation.predict?.(top, task.step.params);
      // An operation that knows nothing of reactions lets them run where it put something, else in what it leaves.
      if (!top.reacted) react(top, top.entered ?? top.product);
    } while (top.again());
    consume(top);
    // Rounds that an operation works off by itself it tells by itself.
    if (top.times > 1) top.remark(`Reckoned for ${top.times} times, the least that it is done.`);
    return cooled(world, top.after(), task);
  } catch (error) {
    // A model refuses numbers that it cannot work with: the step is left out of the prediction, and says so.
    if (!(error instanceof RangeError)) throw error;
    const bare = new Worktop(world, task, before);
    bare.remark(`${cannot}: ${error.message}.`);
    return { ...bare.after(), unforeseen: true };
  }
}

/** What it does not keep at a temperature comes nearer to the room's, for as long as the step takes. */
const cooled = ({ kind }: World, after: After, { step }: Task): After => ({
  ...after,
  shelf: leftToCool(after.shelf, kind, { minutes: step.time.typical_min, held: after.kept }),
});

/** How a step that no model can work with begins its remark. */
export const cannot = 'This step cannot be foreseen';

function unique(assumptions: readonly Assumption[]): readonly Assumption[] {
  const all = new Map<string, Assumption>();
  for (const one of assumptions) {
    const earlier = all.get(one.id);
    // What is a companion to one stage may be what another one weighs.
    all.set(one.id, earlier && !earlier.aside ? earlier : one);
  }
  return [...all.values()];
}

/** What an assumption at its ends does to the product of each stage, g. */
type Changes = ReadonlyMap<string, { readonly low: number; readonly high: number }>;

/** Reruns the steps that make an assumption, each alone, from where it stood. */
function changesOf(world: World, runs: readonly Run[], { id, low, typical, high }: Assumption): Changes {
  const far = high - typical >= typical - low ? 'high' : 'low';
  const span = far === 'high' ? high - typical : low - typical;
  const changes = new Map<string, { low: number; high: number }>();
  for (const { task, before, prediction } of runs) {
    if (!prediction.assumptions.some((one) => one.id === id)) continue;
    const after = span === 0 ? undefined : work({ ...world, scenario: { [id]: far } }, task, before);
    if (!after) continue;
    for (const { stage, place } of waysOf(world.plan.doc, task, prediction)) {
      const slope = (gramsAt(after, place, stage.substance) - gramsAt(prediction, place, stage.substance)) / span;
      const sum = changes.get(stage.id) ?? { low: 0, high: 0 };
      changes.set(stage.id, { low: sum.low + slope * (low - typical), high: sum.high + slope * (high - typical) });
    }
  }
  return changes;
}

/** Stages that a step works on, and where each is by then: the one it leads to, and others whose vessel it fills (cuts). */
function waysOf(
  doc: Preparation,
  { stage, step }: Task,
  { product, touched }: StepPrediction,
): readonly { readonly stage: Stage; readonly place: string }[] {
  const now = doc.steps.indexOf(step);
  return doc.stages.flatMap((one) => {
    if (one.id === stage?.id) return [{ stage: one, place: product }];
    const weighing = weighingOf(doc, one.id);
    const place = weighing?.uses?.['in'];
    const fills = weighing && doc.steps.indexOf(weighing) > now && place !== undefined && touched.includes(place);
    return fills && place !== product ? [{ stage: one, place }] : [];
  });
}

function gramsAt({ shelf }: Pick<After, 'shelf'>, place: string, substance: string): number {
  const content = shelf[place];
  return content ? (wholeOf(content)[substance] ?? 0) : 0;
}

function stagesOf(
  plan: Pick<Plan, 'doc' | 'lines' | 'charge'>,
  steps: readonly StepPrediction[],
): Pick<Prediction, 'stages' | 'unforeseen'> {
  const found = new Map<string, StagePrediction>();
  const unforeseen: UnforeseenStage[] = [];
  for (const stage of plan.doc.stages) {
    const weighed = weighingOf(plan.doc, stage.id);
    // What nobody weighs is foreseen where the last step works towards it: later ones may use it up.
    const at = isUnweighed(plan.doc, stage.id)
      ? (steps.findLast((one) => one.stage?.id === stage.id) ?? steps.at(-1))
      : steps.find(({ step }) => step.id === weighed?.id);
    const before = earlierOf(stage);
    const basis = before === undefined ? stageBasis(plan, stage) : found.get(before)?.mass;
    if (!at) continue;
    const grams = gramsAt(at, at.product, stage.substance);
    const why = whyNot(plan.doc, { stage, basis, grams, steps: steps.slice(0, steps.indexOf(at) + 1) });
    if (why || !basis) {
      if (why) unforeseen.push({ stage, ...why });
      continue;
    }
    const losses = (steps.at(-1)?.booked.told ?? []).filter((loss) => loss.stage === stage.id);
    found.set(stage.id, { stage, basis, losses, mass: leftOver(basis, losses, grams) });
  }
  return { stages: [...found.values()], unforeseen };
}

// Less than this part of what it can be is none of it.
const none = 1e-4;

/** Why there is no number for a stage: a step on the way to it that no model works with, no basis, or nothing of it where it is weighed. */
function whyNot(
  doc: Preparation,
  {
    stage,
    basis,
    grams,
    steps,
  }: {
    readonly stage: Stage;
    readonly basis: Worked<'mass'> | undefined;
    readonly grams: number;
    readonly steps: readonly StepPrediction[];
  },
): Omit<UnforeseenStage, 'stage'> | undefined {
  const blind = steps.find((one) => one.unforeseen && one.stage?.id === stage.id);
  if (blind) return { why: `no model can work with the numbers of step ${doc.steps.indexOf(blind.step) + 1}` };
  if (!basis)
    return {
      why:
        earlierOf(stage) === undefined
          ? 'what it can be at most is not known'
          : 'what it is made of is not foreseen either',
    };
  // Numbers that contradict each other give none here.
  if (!Number.isFinite(grams)) return { why: 'the numbers contradict each other' };
  if (grams > none * basis.q.value) return undefined;
  const reaction = reactionBehind(doc, stage);
  if (reaction?.runs.length === 0) return { why: 'no step runs its reaction' };
  return {
    why: reaction
      ? 'nothing of it is made, or left, where it is weighed: look where its reaction runs, and what meets there'
      : 'nothing of it is left where it is weighed',
    nothing: true,
  };
}

/** Changes that the assumptions make at their ends, independent of each other, on top of those of the stage before. */
function rangesOf(
  world: World,
  runs: readonly Run[],
  { assumptions, stages }: Pick<Prediction, 'assumptions' | 'stages'>,
): ReadonlyMap<string, MassRange> {
  const changes = assumptions.filter(({ aside }) => !aside).map((one) => changesOf(world, runs, one));
  const variances = new Map<string, Variance>();
  return new Map(
    stages.map(({ stage, basis, mass }) => {
      const variance = varianceOf(stage.id, changes, variances.get(earlierOf(stage) ?? ''));
      variances.set(stage.id, variance);
      const grams = mass.q.value;
      return [
        stage.id,
        {
          low: Math.max(0, grams - Math.sqrt(variance.down)),
          high: Math.min(basis.q.value, grams + Math.sqrt(variance.up)),
        },
      ];
    }),
  );
}

/** Squares of the changes downwards and upwards, g². */
interface Variance {
  readonly down: number;
  readonly up: number;
}

function varianceOf(stage: string, changes: readonly Changes[], earlier: Variance = { down: 0, up: 0 }): Variance {
  const both = changes.flatMap((one) => {
    const change = one.get(stage);
    return change ? [change.low, change.high] : [];
  });
  const squares = (chosen: readonly number[]) => chosen.reduce((sum, change) => sum + change ** 2, 0);
  return {
    down: earlier.down + squares(both.filter((change) => change < 0)),
    up: earlier.up + squares(both.filter((change) => change > 0)),
  };
}
