import { acetanilide } from '../../../tests/support/preparations';
import { openPlan, planReducer } from './planReducer';
import type { PlanAction, PlanState } from './planReducer';

const start = openPlan({ id: 'x', version: 3, doc: acetanilide() });
const run = (state: PlanState, ...actions: readonly PlanAction[]) => actions.reduce(planReducer, state);
const benches = (n: number, field = 'benches'): PlanAction => ({
  do: 'edit',
  field,
  change: (doc) => ({ ...doc, benches: n }),
});

test('typing in one field is one step back; another field is another step', () => {
  const state = run(start, benches(1), benches(12), benches(20, 'other'));
  expect(run(state, { do: 'undo' }).doc.benches).toBe(12);
  expect(run(state, { do: 'undo' }, { do: 'undo' }).doc).toBe(start.doc);
  expect(run(state, { do: 'undo' }, { do: 'undo' }, { do: 'redo' }, { do: 'redo' }).doc.benches).toBe(20);
});

test('after an undo the same field starts a new step, and redo is gone', () => {
  const state = run(start, benches(5), { do: 'undo' }, benches(6));
  expect(run(state, { do: 'redo' })).toBe(state);
  expect(run(state, { do: 'undo' }).doc.benches).toBe(8);
});

test('a draft brought back keeps the version it was edited from, and dropping it returns to what is stored', () => {
  const draft = { ...start.doc, benches: 4 };
  const state = run(start, { do: 'restore', doc: draft, base: 2 });
  expect([state.doc, state.saved.version, state.restored]).toEqual([draft, 2, true]);
  expect(run(state, { do: 'discard' }).doc).toBe(start.doc);
});

test('what was saved is the new ground; edits made meanwhile stay', () => {
  const edited = run(start, benches(5));
  const state = run(edited, benches(7, 'later'), { do: 'saved', doc: edited.doc, version: 4 });
  expect([state.doc.benches, state.saved.version, state.saved.doc.benches]).toEqual([7, 4, 5]);
});

test('an edit that changes nothing is no step', () => {
  expect(run(start, { do: 'edit', field: 'x', change: (doc) => doc })).toBe(start);
});
