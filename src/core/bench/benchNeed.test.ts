import { acetanilide } from '../../../tests/support/preparations';
import { demonstrator, entriesOf, idOf, reading } from '../../../tests/support/record';
import { benchNeed, lateTimers, secondsLeft } from './benchNeed';
import { benchState } from './benchState';
import type { Author, Body } from '../record/entry';

type Step = Body | readonly [Body, Author];
const stateOf = (...steps: readonly Step[]) => benchState(acetanilide(), entriesOf(steps));
const begin = Date.UTC(2026, 2, 3, 13, 0, 0);
const needOf = (...steps: readonly Step[]) => benchNeed(stateOf(...steps), begin + 60_000);
const balance = { device: 'balance-001', state: ['cap on'] };
const weighed = [reading('aniline', 'full', '24.10 g', balance), reading('aniline', 'empty', '22.06 g', balance)];
const clock = (second: number) => new Date(begin + second * 1000).toISOString();

test('a bench that has not begun needs nothing, and begins with the first step', () => {
  expect(needOf()).toEqual({ kind: 'nothing' });
  expect(stateOf().current?.step.id).toBe('aniline');
  // Two of the 21 steps are optional: they count once somebody does them.
  expect([stateOf().done, stateOf().toDo, stateOf().steps.length]).toEqual([0, 19, 21]);
});

test('half a weighing is not a measurement yet', () => {
  expect(stateOf(weighed[0] as Body).current?.step.id).toBe('aniline');
  expect(needOf(weighed[0] as Body)).toEqual({ kind: 'nothing', since: clock(0) });
});

test('what is measured moves on to the next step of the sheet', () => {
  expect(stateOf(...weighed).current?.step.id).toBe('acid');
});

test('a question is the need, since it was asked, until it is signed or returned', () => {
  const ask: Body = { k: 'ask', targets: [idOf(1), idOf(2)] };
  expect(needOf(...weighed, ask)).toEqual({ kind: 'signature', since: clock(2) });
  expect(stateOf(...weighed, ask).waiting).toHaveLength(2);
  const seals = entriesOf(weighed).map(({ id, content }) => ({ entry: id, content }));
  expect(needOf(...weighed, ask, [{ k: 'sign', seals }, demonstrator]).kind).toBe('nothing');
  expect(
    stateOf(...weighed, ask, [{ k: 'return', targets: [idOf(1), idOf(2)], remark: 'which balance?' }, demonstrator])
      .waiting,
  ).toEqual([]);
});

test('a reading that cannot be right comes before a signature, a signature before a reading off its target', () => {
  const off = [reading('aniline', 'full', '24.31 g', balance), reading('aniline', 'empty', '22.02 g', balance)];
  expect(needOf(...off)).toEqual({ kind: 'caution', since: clock(1), about: 'Off the target' });
  expect(needOf(...off, { k: 'ask', targets: [idOf(1)] }).kind).toBe('signature');
  const wrong = [reading('aniline', 'full', '22.02 g', balance), reading('aniline', 'empty', '24.31 g', balance)];
  expect(needOf(...wrong, { k: 'ask', targets: [idOf(1)] })).toEqual({
    kind: 'stop',
    since: clock(1),
    about: 'Empty weighs more than full',
  });
});

test('striking the wrong reading ends the need', () => {
  const twice = [reading('aniline', 'net', '2.04 g', balance), reading('aniline', 'net', '2.40 g', balance)];
  expect(needOf(...twice).kind).toBe('stop');
  const struck: Body = { k: 'void', target: idOf(2), reason: 'the other bench' };
  expect(needOf(...twice, struck).kind).toBe('nothing');
  expect(stateOf(...twice, struck).current?.step.id).toBe('acid');
});

test('a timer is late from its end on until the next action is recorded, and says what to do', () => {
  const running: readonly Body[] = [
    { k: 'event', step: 'reflux', name: 'heatOn' },
    { k: 'event', step: 'reflux', name: 'firstReflux' },
  ];
  const state = stateOf(...running);
  // First reflux at second 1, not heat-on at second 0; a quarter of an hour.
  expect(state.timers).toMatchObject([{ since: clock(1), seconds: 900, then: 'Turn the heat off' }]);
  const [timer] = state.timers;
  expect(timer && secondsLeft(timer, begin + 1000 + 890_000)).toBe(10);
  expect(lateTimers(state.timers, begin + 900_000)).toEqual([]);
  const late = begin + 902_000;
  expect(benchNeed(state, late)).toEqual({ kind: 'late', since: clock(901), about: 'Turn the heat off' });
  const off = stateOf(...running, { k: 'event', step: 'reflux', name: 'heatOff' });
  expect(lateTimers(off.timers, late)).toEqual([]);
});

test('a step left out with a reason counts as settled, and can be taken up again', () => {
  const skip: Body = { k: 'step', step: 'aniline', to: 'skip', reason: 'pre-weighed by the prep room' };
  const state = stateOf(skip);
  expect([state.steps[0]?.status, state.current?.step.id, state.done]).toEqual(['skipped', 'acid', 1]);
  expect(stateOf(skip, { k: 'step', step: 'aniline', to: 'again' }).current?.step.id).toBe('aniline');
  // What was measured all the same is done, not left out.
  expect(stateOf(skip, ...weighed).steps[0]?.status).toBe('done');
});

test('an override holds for the facts it saw: the finding returns when they change', () => {
  const wrong = [reading('aniline', 'full', '24.31 g', balance), reading('aniline', 'empty', '25.00 g', balance)];
  const [stop] = stateOf(...wrong).findings;
  const over: Body = {
    k: 'override',
    finding: stop?.key ?? '',
    facts: stop?.facts ?? '',
    reason: 'shown to the demonstrator',
  };
  const state = stateOf(...wrong, over);
  expect(state.findings).toEqual([]);
  expect(state.overridden).toMatchObject([
    { finding: { rule: 'reading.order' }, by: { body: { reason: over.reason } } },
  ]);
  const corrected: Body = {
    k: 'correct',
    target: idOf(2),
    reason: 'misread',
    body: reading('aniline', 'empty', '26.00 g', balance) as never,
  };
  expect(stateOf(...wrong, over, corrected).findings.map(({ rule }) => rule)).toEqual(['reading.order']);
});
