/** @jest-environment jsdom */
import { render } from '@testing-library/react';
import { benchState } from '@/core/bench/benchState';
import { answersOf } from '@/core/operations/answers';
import { describeEntry } from '@/core/bench/describeEntry';
import { DoneBlock } from './DoneBlock';
import { entriesOf } from '../../../tests/support/record';
import { oddOperations } from '../../../tests/support/oddOperations';
import { shippedPreparations } from '../../../tests/support/preparations';
import { words } from '../../../tests/support/screen';
import type { PlainAsk, EventAsk } from '@/core/operations/ask';
import type { Preparation } from '@/core/document/document';
import type { StepState } from '@/core/bench/benchState';

const docs = [...shippedPreparations(), ['odd operations', oddOperations()] as const];
const isEvent = (ask: PlainAsk): ask is EventAsk => ask.kind === 'event';
const answersAt = (step: StepState, ask: PlainAsk) => answersOf(step.context, ask);

/** A step's question after its answer number `n` was recorded. */
function answered(doc: Preparation, { step }: StepState, id: string, n: number) {
  const before = benchState(doc, []).steps.find((one) => one.step.id === step.id) as StepState;
  const body = answersAt(before, before.asks.find((one) => one.id === id) as PlainAsk)[n];
  const state = benchState(doc, entriesOf(body ? [body] : []));
  const after = state.steps.find((one) => one.step.id === step.id) as StepState;
  return { state, step: after, ask: after.asks.find((one) => one.id === id) as EventAsk };
}

test.each(docs)('%s: what was answered is shown with its time, whatever it is about', (_, doc) => {
  for (const step of benchState(doc, []).steps) {
    const seen = new Set<string>();
    const all = step.asks.filter(isEvent).flatMap((ask) => answersAt(step, ask));
    for (const { id, button, or = [] } of step.asks.filter(isEvent)) {
      [button, ...or.map((one) => one.button)].forEach((said, n) => {
        const { step: after, ask } = answered(doc, step, id, n);
        const { container, unmount } = render(<DoneBlock block={{ kind: 'one', id, ask, done: true }} step={after} />);
        // Of what, or which of several, stands with it.
        const shown = words(container);
        expect([step.step.op, id, shown.includes(said), / 13:00$/.test(shown)]).toEqual([step.step.op, id, true, true]);
        seen.add(shown);
        unmount();
      });
    }
    // No two answers look alike, whatever they are about.
    expect([step.step.op, seen.size]).toEqual([step.step.op, all.length]);
  }
});

test('the tape says which cut, which round, which tube', () => {
  const says = (doc: Preparation, op: string, id: string, n = 0) => {
    const step = benchState(doc, []).steps.find((one) => one.step.op === op) as StepState;
    const { state } = answered(doc, step, id, n);
    return state.record.map((live) => describeEntry(live, doc, state.steps).says)[0]?.replace(/ \(.*/, '');
  };
  expect(says(oddOperations(), 'distillation', 'receiver-2')).toBe('Cut 2 is collected');
  const [, washed] = docs.find(([, { steps }]) => steps.some(({ op }) => op === 'extraction')) ?? [];
  if (!washed) throw new Error('no extraction is shipped');
  expect(says(washed, 'extraction', 'separated-2')).toBe('Separated and labelled no. 2');
  const [, rack] = docs.find(([, { steps }]) => steps.some(({ op }) => op === 'tubeTests')) ?? [];
  if (!rack) throw new Error('no tube tests are shipped');
  expect(says(rack, 'tubeTests', 'yes-A', 1)).toMatch(/^.+: It does not$/);
});
