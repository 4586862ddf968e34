import { benchState } from './benchState';
import { describeEntry } from './describeEntry';
import { entriesOf } from '../../../tests/support/record';
import { shippedPreparations } from '../../../tests/support/preparations';
import type { Body } from '../record/entry';

const letters = 'ABCDEFGHIJKL';
/** The name that an event had before it said of which it is. */
const oldName = (op: string, name: string, { item, round }: { item?: string; round?: number }): string => {
  if (round !== undefined) return `${name}-${round}`;
  const of = op === 'tubeTests' ? 'tube' : 'band';
  return item === undefined ? name : `${of}-${letters.indexOf(item) + 1}-${name}`;
};

test.each(shippedPreparations())('%s: events under their old names make the same bench', (_, doc) => {
  const asks = benchState(doc, []).steps.flatMap(({ step, asks: of }) =>
    of.flatMap((ask) => (ask.kind === 'event' ? [{ step, ask }] : [])),
  );
  const now = asks.map(({ step, ask }): Body => ({ k: 'event', step: step.id, name: ask.name, ...ask.part }));
  const before = asks.map(({ step, ask }): Body => ({
    k: 'event',
    step: step.id,
    name: oldName(step.op, ask.name, ask.part),
  }));
  const [today, old] = [now, before].map((bodies) => benchState(doc, entriesOf(bodies)));
  const shown = (state: typeof today) =>
    state?.steps.map(({ step, asks: of, findings }) => [
      step.id,
      of.map(({ id, done }) => [id, done]),
      findings.map(({ rule }) => rule),
    ]);
  expect(shown(old)).toEqual(shown(today));
  expect(today?.steps.flatMap(({ asks: of }) => of).filter(({ kind, done }) => kind === 'event' && !done)).toEqual([]);
  const words = (state: typeof today) =>
    state?.record.map((live) => describeEntry(live, doc, state.steps).says).filter((text) => text !== '');
  expect(words(old)).toEqual(words(today));
  // What is stored says what it said.
  expect(old?.record.map(({ entry }) => entry.body)).toEqual(before);
});

test('at least two preparations have rounds, and one a rack', () => {
  const ops = shippedPreparations().flatMap(([, { steps }]) => steps.map(({ op }) => op));
  expect([ops.filter((op) => op === 'extraction').length > 2, ops.includes('tubeTests')]).toEqual([true, true]);
});
