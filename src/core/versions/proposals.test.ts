import { acetanilide } from '../../../tests/support/preparations';
import { benchState } from '../bench/benchState';
import { deviationProposals } from './proposals';
import { entriesOf } from '../../../tests/support/record';
import { projectionOf } from '../results/projection';
import type { Body } from '../record/entry';

const saidBy = (bodies: readonly Body[]) => projectionOf(benchState(acetanilide(), entriesOf(bodies))).said;
const otherwise = (step: string, reason: string): Body => ({ k: 'deviation', step, reason });
const classOf = (classId: string, ...benches: (readonly Body[])[]) => ({
  classId,
  name: classId.toUpperCase(),
  benches: benches.map((bodies, i) => ({ bench: `Bench ${String(i + 1)}`, said: saidBy(bodies) })),
});

test('the same words about the same step are one proposal with all who said them, the most frequent first', () => {
  const classes = [
    classOf('a', [otherwise('ice', 'Only 5 min.')], [otherwise('reflux', '20 min'), otherwise('ice', 'only 5 min')]),
    classOf('b', [otherwise('ice', 'only 5 min')], [{ k: 'step', step: 'ice', to: 'skip', reason: 'no ice' }]),
  ];
  const proposals = deviationProposals(acetanilide(), classes);
  expect(proposals.map(({ step, says, from }) => [step, says, from.length])).toEqual([
    ['ice', 'Only 5 min.', 3],
    ['reflux', '20 min', 1],
    ['ice', 'left out: no ice', 1],
  ]);
  expect(new Set(proposals.map(({ id }) => id)).size).toBe(3);
  expect(proposals[0]?.from.map(({ name, bench }) => `${name} ${bench}`)).toEqual([
    'A Bench 1',
    'A Bench 2',
    'B Bench 1',
  ]);
});

test('what was struck, taken up again, or is about a step that is gone proposes nothing', () => {
  const [entry] = entriesOf([otherwise('ice', 'only 5 min')]);
  expect(
    saidBy([otherwise('ice', 'only 5 min'), { k: 'void', target: entry?.id ?? '', reason: 'wrong bench' }]),
  ).toEqual([]);
  expect(
    saidBy([
      { k: 'step', step: 'ice', to: 'skip', reason: 'no ice' },
      { k: 'step', step: 'ice', to: 'again' },
    ]),
  ).toEqual([]);
  const doc = acetanilide();
  const without = { ...doc, steps: doc.steps.filter(({ id }) => id !== 'ice') };
  expect(deviationProposals(without, [classOf('a', [otherwise('ice', 'only 5 min')])])).toEqual([]);
});
