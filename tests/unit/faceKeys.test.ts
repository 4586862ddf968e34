import fc from 'fast-check';
import { benchState } from '@/core/bench/benchState';
import { operations } from '@/core/operations/registry';
import { anyParams } from '../support/anyParams';
import { fullDocument } from '../support/fullDocument';
import { oddOperations } from '../support/oddOperations';
import { shippedPreparations } from '../support/preparations';
import { stateOfScript } from '../support/demoRun';
import { acetanilideRun } from '@/data/acetanilideRun';
import type { BoilingRange, MeltingRun, OwnTask, StepOutcome, Timer } from '@/core/operations/operation';
import type { Conditions } from '@/core/operations/conditions';
import type { Cuts, HotSolvent } from '@/core/worktop/means';
import type { Drawing } from '@/core/operations/drawing';
import type { Loss } from '@/core/worktop/loss';
import type { Operation } from '@/core/operations/operation';
import type { StageMass } from '@/core/operations/stageMass';

// A key that is written wrong in a spread compiles, and what it should have said is gone. So the keys are judged as they come.

/** All keys of a type, optional ones too: one that is missing or too many here does not compile. */
type Keys<T> = Readonly<Record<keyof T, true>>;
type Result<K extends keyof Operation> = NonNullable<ReturnType<Extract<Operation[K], (...all: never[]) => unknown>>>;

const conditions: Keys<Conditions> = {
  flame: true,
  airCooled: true,
  boiling: true,
  bumps: true,
  hot: true,
  warms: true,
  distils: true,
  refluxes: true,
  steam: true,
  vacuum: true,
  oven: true,
  closed: true,
  coldStore: true,
  organic: true,
  shakes: true,
  stirs: true,
  grinds: true,
  starts: true,
  setsPH: true,
  intoHot: true,
  dosed: true,
  pours: true,
  cooled: true,
  bath: true,
  concentrates: true,
  dries: true,
  keeps: true,
  onWater: true,
  moved: true,
  ceiling_C: true,
};
const timing: Keys<Result<'timing'>> = { fixed_min: true, grows: true };
const doses: Keys<Result<'doses'>> = { line: true, portions: true };
const dissolvesHot: Keys<HotSolvent> = { line: true, stage: true, excess: true, cold_C: true };
const cuts: Keys<Cuts> = { lighter: true, heavier: true, stages: true, reflux: true, limits_C: true };

const timers: Keys<Timer> = {
  key: true,
  step: true,
  label: true,
  then: true,
  since: true,
  seconds: true,
  ended: true,
  again: true,
};
const outcome: Keys<StepOutcome> = { label: true, worked: true };
const losses: Keys<Loss> = {
  key: true,
  step: true,
  what: true,
  round: true,
  label: true,
  stage: true,
  mass: true,
  reaction: true,
};
const mass: Keys<StageMass> = { stage: true, step: true, mass: true, dry: true, at: true };
const input: Keys<Result<'input'>> = { stage: true, mass: true };
const own: Keys<OwnTask> = { of: true, what: true, typed: true };
const melting: Keys<MeltingRun> = {
  stage: true,
  item: true,
  onset: true,
  clear: true,
  ramp: true,
  calibrated: true,
  sound: true,
};
const purity: Keys<Result<'purity'>> = { stage: true, area: true, corrected: true };
const boiling: Keys<BoilingRange> = { stage: true, from: true, to: true };

/** Of whatever kind of drawing. */
type DrawnKey = Drawing extends infer D ? (D extends unknown ? keyof D : never) : never;
const drawing: Readonly<Record<DrawnKey, true>> = {
  kind: true,
  air: true,
  bath: true,
  cold: true,
  total: true,
  expected: true,
  series: true,
  verdict: true,
  of: true,
  organic: true,
  packed: true,
  positive: true,
  negative: true,
  low: true,
  high: true,
  tubes: true,
  shows: true,
  shaken: true,
  where: true,
  stoppered: true,
  waits: true,
  lanes: true,
};

const ofParams = { conditions, timing, doses, dissolvesHot, cuts };
const ofRecord = { timers, outcome, losses, mass, input, own, melting, purity, boiling, drawing };

/** Keys of results that their type does not have. */
function strangers(face: string, results: readonly unknown[], known: object): readonly string[] {
  return results.flatMap((one) =>
    typeof one === 'object' && one !== null
      ? Object.keys(one).flatMap((key) => (key in known ? [] : [`${face}: ${key}`]))
      : [],
  );
}

test.each(operations.map((one) => [one.name, one] as const))('%s: what it says of its parameters', (_, operation) => {
  fc.assert(
    fc.property(anyParams(operation.fields, fullDocument()), (params) => {
      const found = (Object.keys(ofParams) as (keyof typeof ofParams)[]).flatMap((face) =>
        strangers(face, [operation[face]?.(params)], ofParams[face]),
      );
      expect(found).toEqual([]);
    }),
    { numRuns: 40 },
  );
});

test('what it says of a bench, before anything is done and after a whole run', () => {
  const fresh = [...shippedPreparations().map(([, doc]) => doc), fullDocument(), oddOperations()].map((doc) =>
    benchState(doc, []),
  );
  for (const { step, operation, context, actual } of [...fresh, stateOfScript(acetanilideRun())].flatMap(
    ({ steps }) => steps,
  )) {
    const found = (Object.keys(ofRecord) as (keyof typeof ofRecord)[]).flatMap((face) =>
      strangers(face, [operation[face]?.(actual, context)].flat(), ofRecord[face]),
    );
    expect([step.op, found]).toEqual([step.op, []]);
  }
});

test('an operation has at most one time for which it acts, in a unit that is a time', () => {
  for (const { name, fields } of operations) {
    const acts = Object.values(fields).flatMap((field) => (field.kind === 'number' && field.acts ? [field.unit] : []));
    expect([name, acts.length <= 1, acts.filter((unit) => !['min', 'h', 'days'].includes(unit))]).toEqual([
      name,
      true,
      [],
    ]);
  }
});
