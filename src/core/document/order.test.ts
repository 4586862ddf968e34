import fc from 'fast-check';
import { readySteps, stepsAfter } from './order';
import { blankPreparation } from './blank';
import { benchState, nextStep } from '../bench/benchState';
import { moveStep } from '../editing/steps';
import { benchResults } from '../results/benchResults';
import { missingParts } from '../process/proof/missingParts';
import { timeline } from '../process/timeline';
import { planOf } from '../process/planOf';
import { fullDocument } from '../../../tests/support/fullDocument';
import { shippedPreparations } from '../../../tests/support/preparations';
import { entriesOf, reading } from '../../../tests/support/record';
import type { Step } from './steps';

const steps = (count: number, after: (i: number) => readonly number[] | undefined): readonly Step[] =>
  Array.from({ length: count }, (_, i) => {
    const named = after(i)?.map((one) => `s${one}`);
    return {
      id: `s${i}`,
      op: 'charge',
      opVersion: 1,
      params: {},
      time: { typical_min: 1, attended: true },
      ...(named ? { after: named } : {}),
    };
  });

test('without a word on it, the steps follow each other: the first open one is the only one', () => {
  fc.assert(
    fc.property(fc.array(fc.boolean(), { minLength: 1, maxLength: 12 }), (done) => {
      const list = steps(done.length, () => undefined);
      const ready = readySteps(list, (id) => !done[Number(id.slice(1))]);
      const first = done.indexOf(false);
      expect(ready).toEqual(first < 0 ? [] : [`s${first}`]);
    }),
  );
});

test('in any order that is told, what is ready is open, and nothing before it is', () => {
  const anyOrder = fc.integer({ min: 1, max: 10 }).chain((count) =>
    fc.record({
      after: fc.array(fc.option(fc.array(fc.nat(count - 1), { maxLength: 3 }), { nil: undefined }), {
        minLength: count,
        maxLength: count,
      }),
      done: fc.array(fc.boolean(), { minLength: count, maxLength: count }),
    }),
  );
  fc.assert(
    fc.property(anyOrder, ({ after, done }) => {
      const list = steps(done.length, (i) => after[i]?.filter((one) => one < i));
      const open = (id: string) => !done[Number(id.slice(1))];
      const ready = readySteps(list, open);
      for (const one of ready) {
        expect(open(one)).toBe(true);
        const above = list.filter(({ id }) => stepsAfter(list, id).has(one));
        expect(above.filter(({ id }) => open(id))).toEqual([]);
      }
      // As long as something is open, something can be done.
      expect(ready.length > 0).toBe(list.some(({ id }) => open(id)));
    }),
  );
});

test('a bench sees every track that is open, and goes on along its own', () => {
  const doc = fullDocument();
  const at = (...bodies: Parameters<typeof entriesOf>[0]) => benchState(doc, entriesOf(bodies));
  const ready = (state: ReturnType<typeof at>) => state.ready.map(({ step }) => step.id);
  expect(ready(at())).toEqual(['in']);
  const begun = at(reading('bromide', 'volume', '5.00 mL'));
  expect(ready(begun)).toEqual(['metal', 'cold']);
  const aside = at(reading('bromide', 'volume', '5.00 mL'), reading('magnesium', 'net', '1.22 g'));
  expect(ready(aside)).toEqual(['solvent', 'cold']);
  expect(nextStep(aside, 'metal')?.step.id).toBe('solvent');
  expect(nextStep(aside, 'in')?.step.id).toBe('solvent');
});

test('reactions in a circle are kept, computed as far as they can be, and not issued', () => {
  const doc = fullDocument();
  const round = {
    ...doc,
    lines: doc.lines.map((line) => (line.id === 'bromide' ? { ...line, supply: { stage: 'ester' } } : line)),
  };
  expect(missingParts(round).map(({ rule, severity }) => `${severity} ${rule}`)).toContain('stop missing.beginning');
  expect(planOf(round).plan.lines).toHaveLength(doc.lines.length);
  const weighed = (step: string) =>
    ({ k: 'reading', place: { step, slot: 'net' }, digits: '1.00', unit: 'g' }) as const;
  const state = benchState(round, entriesOf([weighed('weigh-alcohol'), weighed('weigh-ester')]));
  expect(benchResults(state).stages).toHaveLength(2);
});

test('water that one reaction takes and another one makes is no circle where there is water anyway', () => {
  const doc = fullDocument();
  const [first, ...rest] = doc.reactions;
  const water = doc.substances.find(({ formula }) => formula === 'H2O')!.id;
  // The last reaction makes water; the first one takes some now.
  const takes = {
    ...doc,
    reactions: [
      { ...first!, terms: [...first!.terms, { substance: water, side: 'left' as const, coefficient: 1 }] },
      ...rest,
    ],
  };
  expect(missingParts(takes).map(({ rule }) => rule)).not.toContain('missing.beginning');
  const dry = { ...takes, lines: takes.lines.filter(({ substance, strength }) => substance !== water && !strength) };
  expect(missingParts(dry).map(({ rule }) => rule)).toContain('missing.beginning');
});

test('what is taken from a stage before the stage is measured is remarked', () => {
  const doc = fullDocument();
  expect(missingParts(doc)).toEqual([]);
  const early = moveStep(doc, 'alcohol-in', -8);
  expect(missingParts(early).map(({ rule }) => rule)).toEqual(['missing.supply']);
});

test('what is shipped may be issued; a blank page is kept, planned without a fault, and says what it lacks', () => {
  for (const [, doc] of shippedPreparations()) expect(missingParts(doc)).toEqual([]);
  const { plan, process } = planOf(blankPreparation('New'));
  expect(plan.lines).toEqual([]);
  expect(process.findings.map(({ rule, severity }) => `${severity} ${rule}`)).toEqual(
    expect.arrayContaining(['stop missing.lines', 'stop missing.steps', 'stop missing.stages']),
  );
  expect(benchState(blankPreparation('New'), []).ready).toEqual([]);
});

test('on several tracks waiting overlaps, what somebody stands by does not; repeating takes its time', () => {
  const doc = fullDocument();
  const inLine = timeline({ ...doc, steps: doc.steps.map(({ after: _after, ...step }) => step) }, 1);
  expect(inLine.total_min).toBe(doc.steps.length * 10);
  const waits = (id: string) => (step: Step) =>
    step.id === id ? { ...step, time: { typical_min: 60, attended: false } } : step;
  // While the flask is held for an hour, the other vessel is made ready.
  const beside = [...doc.steps.map(waits('start'))];
  const at = beside.findIndex(({ id }) => id === 'cold');
  const [cold] = beside.splice(at, 1);
  if (cold)
    beside.splice(
      beside.findIndex(({ id }) => id === 'quench'),
      0,
      cold,
    );
  const { steps: timed } = timeline({ ...doc, steps: beside }, 1);
  const when = (id: string) => timed.find(({ step }) => step.id === id);
  expect(when('cold')?.start_min).toBe(when('start')?.start_min);
  expect(when('quench')?.start_min).toBe((when('start')?.start_min ?? 0) + 60);
  const twice = doc.steps.map((step): Step =>
    step.id === 'quench' ? { ...step, repeat: { until: 'noGas', least: 2, most: 3 } } : step,
  );
  expect(timeline({ ...doc, steps: twice }, 1).total_min).toBe(timeline(doc, 1).total_min + 10);
});
