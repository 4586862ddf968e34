import { shipped } from '../../../../tests/support/preparations';
import { stateOfScript } from '../../../../tests/support/demoRun';
import type { DemoStep } from '@/data/demoSteps';

/** The test for oxidant, done again until it shows what it should. */
const doc = (least: number, most: number) => {
  const ketone = shipped('methylcyclohexanone');
  const repeat = { until: 'noChange', least, most } as const;
  return { ...ketone, steps: ketone.steps.map((step) => (step.id === 'oxidant' ? { ...step, repeat } : step)) };
};
const seen = (...events: readonly string[]): readonly DemoStep[] =>
  events.map((name, i) => ({ minute: i, step: 'oxidant', event: name, ...(i === 0 ? {} : { round: i + 1 }) }));

function stateOf(least: number, most: number, ...events: readonly string[]) {
  const state = stateOfScript(seen(...events), {}, doc(least, most));
  const step = state.steps.find(({ step: { id } }) => id === 'oxidant')!;
  return {
    asks: step.asks.filter(({ kind }) => kind === 'event').map(({ id, done }) => [id, done]),
    status: step.status,
    rules: step.findings.map(({ rule }) => rule),
  };
}

test('it is asked again while it shows what it should not, and no more once it shows it', () => {
  expect(stateOf(1, 3).asks).toEqual([['positive', false]]);
  const twice = stateOf(1, 3, 'negative');
  expect(twice.asks).toEqual([
    ['positive', true],
    ['positive-2', false],
  ]);
  expect([twice.status, twice.rules]).toEqual(['open', []]);
  const right = stateOf(1, 3, 'negative', 'positive');
  expect([right.asks.length, right.status, right.rules]).toEqual([2, 'done', []]);
});

test('as often as it is to be done at the least, also when it shows it at once', () => {
  expect(stateOf(2, 3, 'positive').asks.map(([, done]) => done)).toEqual([true, false]);
  expect(stateOf(2, 3, 'positive', 'positive').status).toBe('done');
});

test('when the last time shows something else, what then is to be done is said', () => {
  const over = stateOf(1, 2, 'negative', 'negative');
  expect([over.asks.length, over.status, over.rules]).toEqual([2, 'done', ['test.otherwise']]);
});
