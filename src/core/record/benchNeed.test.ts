import { acetanilide } from '../../../tests/support/preparations';
import { demonstrator, entriesOf, idOf, reading } from '../../../tests/support/record';
import { benchState } from './benchNeed';
import type { Author, Body } from './entry';

type Step = Body | readonly [Body, Author];
const stateOf = (...steps: readonly Step[]) => benchState(acetanilide(), entriesOf(steps));
const balance = { device: 'balance-001', state: ['cap on'] };
const weighed = [reading('aniline', 'full', '24.10 g', balance), reading('aniline', 'empty', '22.06 g', balance)];
const clock = (second: number) => new Date(Date.UTC(2026, 2, 3, 13, 0, second)).toISOString();

test('a bench that has not begun needs nothing, and begins with the first line', () => {
  const state = stateOf();
  expect(state.need).toEqual({ kind: 'nothing' });
  expect([state.next, state.measured, state.toMeasure]).toEqual(['Aniline', 0, 9]);
});

test('half a weighing is not a measurement yet', () => {
  const state = stateOf(weighed[0] as Body);
  expect([state.next, state.measured]).toEqual(['Aniline', 0]);
  expect(state.need).toEqual({ kind: 'nothing', since: clock(0) });
});

test('what is measured moves on to the next line in the order of the table', () => {
  const state = stateOf(...weighed);
  expect([state.next, state.measured]).toEqual(['Acetic anhydride', 1]);
});

test('a question is the need, since it was asked, until it is signed or returned', () => {
  const ask: Body = { k: 'ask', targets: [idOf(1), idOf(2)] };
  expect(stateOf(...weighed, ask).need).toEqual({ kind: 'signature', since: clock(2) });
  expect(stateOf(...weighed, ask).waiting).toHaveLength(2);
  const [full, empty] = entriesOf(weighed);
  const seals = [full, empty].map((entry) => ({ entry: entry?.id ?? '', content: entry?.content ?? '' }));
  expect(stateOf(...weighed, ask, [{ k: 'sign', seals }, demonstrator]).need.kind).toBe('nothing');
  expect(
    stateOf(...weighed, ask, [{ k: 'return', targets: [idOf(1), idOf(2)], remark: 'which balance?' }, demonstrator])
      .waiting,
  ).toEqual([]);
});

test('a reading that cannot be right comes before a signature, a signature before a reading off its target', () => {
  const off = [reading('aniline', 'full', '24.31 g', balance), reading('aniline', 'empty', '22.02 g', balance)];
  expect(stateOf(...off).need).toEqual({ kind: 'caution', since: clock(1) });
  expect(stateOf(...off, { k: 'ask', targets: [idOf(1)] }).need.kind).toBe('signature');
  const wrong = [reading('aniline', 'full', '22.02 g', balance), reading('aniline', 'empty', '24.31 g', balance)];
  expect(stateOf(...wrong, { k: 'ask', targets: [idOf(1)] }).need).toEqual({ kind: 'stop', since: clock(1) });
});

test('striking the wrong reading ends the need', () => {
  const twice = [reading('aniline', 'net', '2.04 g', balance), reading('aniline', 'net', '2.40 g', balance)];
  expect(stateOf(...twice).need.kind).toBe('stop');
  expect(stateOf(...twice, { k: 'void', target: idOf(2), reason: 'the other bench' }).need.kind).toBe('nothing');
  expect(stateOf(...twice, { k: 'void', target: idOf(2), reason: 'the other bench' }).measured).toBe(1);
});
