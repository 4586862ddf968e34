import { computePlan } from '@/core/plan/plan';
import { decisionsOf } from '@/core/operations/decisions';
import { drive } from '@/core/worktop/moments';
import { findOperation } from '@/core/operations/registry';
import { foldRecord } from '@/core/record/foldRecord';
import { gramsOf, nothing, plus } from '@/core/worktop/matter/matter';
import { placeId } from '@/core/worktop/placeId';
import { placesOf } from '@/core/process/placesOf';
import { predictProcess, runsAt } from '@/core/process/predictProcess';
import { stageAhead } from '@/core/process/stageAhead';
import { wholeOf } from '@/core/worktop/matter/shelf';
import { Worktop } from '@/core/worktop/worktop';
import { entriesOf, idOf } from '../support/record';
import { jobDocument } from '../support/jobs/job';
import { jobs } from '../support/jobs';
import { shippedPreparations } from '../support/preparations';
import type { Body, Move } from '@/core/record/entry';
import type { Decision, Moment } from '@/core/worktop/moments';
import type { Preparation } from '@/core/document/document';
import type { Before } from '@/core/worktop/worktop';
import type { Step } from '@/core/document/steps';

const docs = [...shippedPreparations().map(([, doc]) => doc), ...Object.values(jobs).map(jobDocument)];

/** The steps of a document that stop at moments, each with the worktop from which it begins. */
function stepsWithMoments(doc: Preparation): readonly { readonly step: Step; readonly fresh: () => Worktop }[] {
  const { world, steps } = predictProcess(computePlan(doc));
  return steps.flatMap(({ step }, i) => {
    if (!findOperation(step.op)?.moments) return [];
    const stage = stageAhead(doc, step);
    const before: Before = steps[i - 1] ?? { shelf: {}, product: doc.vessels[0]?.id ?? 'vessel' };
    const fresh = () => new Worktop(world, { step, ...(stage ? { stage } : {}), runs: runsAt(doc, step.id) }, before);
    return [{ step, fresh }];
  });
}

const courseOf = (work: Worktop, { op, params }: Step) => {
  const moments = findOperation(op)?.moments;
  if (!moments) throw new Error(`${op} has no moments`);
  return moments(work, params);
};

/** Everything on the worktop and what left it, less what came onto it. */
function balance(work: Worktop, before: Worktop): number {
  const { shelf, streams, introduced } = work.after();
  const there = Object.values(shelf).map(wholeOf).reduce(plus, nothing);
  const left = streams.map(({ matter }) => matter).reduce(plus, nothing);
  const began = Object.values(before.after().shelf).map(wholeOf).reduce(plus, nothing);
  return gramsOf(there) + gramsOf(left) - gramsOf(introduced) - gramsOf(began);
}

test('stopped at any moment, everything weighs what came in and was there', () => {
  let stops = 0;
  for (const doc of docs)
    for (const { step, fresh } of stepsWithMoments(doc)) {
      const all: Moment[] = [];
      drive(courseOf(fresh(), step), (moment) => void all.push(moment));
      for (let at = 0; at < all.length; at += 1) {
        const work = fresh();
        let seen = 0;
        drive(
          courseOf(work, step),
          () => undefined,
          () => seen++ === at,
        );
        expect([doc.title, step.id, at, Math.abs(balance(work, fresh())) < 1e-9]).toEqual([
          doc.title,
          step.id,
          at,
          true,
        ]);
        stops += 1;
      }
    }
  expect(stops).toBeGreaterThan(40);
});

test('whatever is decided, nothing is lost or made', () => {
  const choices: readonly ((moment: Moment) => Decision | undefined)[] = [
    () => ({ kind: 'stop' }),
    () => ({ kind: 'keep', layer: 'upper', to: 'beside' }),
    () => ({ kind: 'keep', layer: 'lower', to: 'beside' }),
    ({ n }) => ({ kind: 'keep', layer: 'upper', to: `beside-${n}` }),
  ];
  for (const doc of docs)
    for (const { step, fresh } of stepsWithMoments(doc))
      for (const decide of choices) {
        const work = fresh();
        drive(courseOf(work, step), decide);
        expect([doc.title, step.id, Math.abs(balance(work, fresh())) < 1e-9]).toEqual([doc.title, step.id, true]);
      }
});

test('of two layers the upper one is the lighter', () => {
  for (const doc of docs)
    for (const { step, fresh } of stepsWithMoments(doc))
      drive(courseOf(fresh(), step), (moment) => {
        if (moment.kind === 'layers' && moment.upper && moment.lower)
          expect(moment.upper.density).toBeLessThanOrEqual(moment.lower.density);
        return undefined;
      });
});

describe('an extraction by its record', () => {
  const doc = docs.find(({ steps }) => steps.some(({ op }) => op === 'extraction'))!;
  const { step, fresh } = stepsWithMoments(doc).find((one) => one.step.op === 'extraction')!;
  const placeOf = placesOf(doc);
  const outcome = (bodies: readonly Body[]) => {
    const work = fresh();
    drive(courseOf(work, step), decisionsOf(step, foldRecord(entriesOf(bodies)), placeOf));
    return work.after();
  };
  const funnel = (() => {
    let place = '';
    drive(courseOf(fresh(), step), (moment) => void (place = moment.in));
    return place;
  })();
  const move = (what: Move['what'], to: string, at: Pick<Move, 'round' | 'n'> = {}): Move => ({
    k: 'move',
    step: step.id,
    ...at,
    from: placeId(funnel),
    to,
    what,
  });
  const asForeseen = predictProcess(computePlan(doc)).steps.find((one) => one.step.id === step.id)!;
  const masses = ({ shelf }: Pick<typeof asForeseen, 'shelf'>) =>
    Object.fromEntries(Object.entries(shelf).map(([place, content]) => [place, gramsOf(wholeOf(content))]));

  test('an old record decides nothing: it goes as foreseen', () => {
    const told = outcome([
      { k: 'event', step: step.id, name: 'shaken', round: 1 },
      { k: 'event', step: step.id, name: 'separated', round: 1 },
      { k: 'move', from: placeId(funnel), to: 'elsewhere', what: 'upper' },
    ]);
    expect(masses(told)).toEqual(masses(asForeseen));
    expect(told.product).toBe(asForeseen.product);
  });

  test('a layer that was kept stands where it was poured, and the work goes on there', () => {
    const rounds: number[] = [];
    drive(courseOf(fresh(), step), ({ round, n }) => void (n === 1 && rounds.push(round)));
    const moved = outcome(rounds.map((round) => move('upper', 'kept', { round })));
    expect(moved.product).toBe('kept');
    expect(masses(moved)['kept']).toBeGreaterThan(0);
    const both = outcome([move('upper', 'kept'), move('lower', 'aside', { n: 2 })]);
    expect(masses(both)['aside']).toBeGreaterThan(0);
  });

  test('one that was struck, and two that contradict each other, decide nothing and shift no other', () => {
    const struck = outcome([move('upper', 'kept'), { k: 'void', target: idOf(1), reason: 'slip' }]);
    expect(masses(struck)).toEqual(masses(asForeseen));
    const rivals = outcome([move('upper', 'kept'), move('lower', 'kept')]);
    expect(masses(rivals)).toEqual(masses(asForeseen));
    // The same from two tablets is one.
    expect(masses(outcome([move('upper', 'kept'), move('upper', 'kept')]))).toEqual(
      masses(outcome([move('upper', 'kept')])),
    );
    const second = [move('lower', 'aside', { n: 2 })];
    const alone = outcome(second);
    const afterStruck = outcome([...second, move('upper', 'kept'), { k: 'void', target: idOf(2), reason: 'slip' }]);
    expect(masses(afterStruck)).toEqual(masses(alone));
  });
});
